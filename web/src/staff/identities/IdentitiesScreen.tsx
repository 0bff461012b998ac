import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { FROM_HERE, useKeys } from '../../components/keys';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Scrolls } from '../../components/Scrolls';
import { momentText } from '../../i18n';

/** Answers about identities that came in, the oldest first: those that are enough by the check apart from the others. */
export function IdentitiesScreen() {
  const { t } = useTranslation();
  const go = useNavigate();
  const line = useQuery({ queryKey: ['identities'], queryFn: () => take(api.GET('/api/identities')) });
  const all = line.data ?? [];
  const enough = all.filter((each) => each.enough);
  const first = [...enough, ...all].find((each) => each.mine || !each.owner);
  useKeys((key) => {
    if (key !== 'g' || !first) return false;
    void go(`/claims/${first.claim}/identity`);
    return true;
  });
  return (
    <Page title={t('identities.title')} wide>
      <div className="mx-auto max-w-[73.75rem] px-5 py-6" {...FROM_HERE}>
        <h1 className="text-3xl">{t('identities.title')}</h1>
        <p className="quiet mt-1">
          {t('identities.intro')} {first && t('identities.key')}
        </p>
        <Problem of={line.error} />
        {line.data && all.length === 0 && <p className="mt-4 text-lg">{t('identities.none')}</p>}
        <Group title={t('identities.enough')} lines={enough} />
        <Group title={t('identities.toLookAt')} lines={all.filter((each) => !each.enough)} />
      </div>
    </Page>
  );
}

function Group({ title, lines }: { title: string; lines: Schemas['IdentityInLine'][] }) {
  const { t } = useTranslation();
  if (lines.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-xl">
        {title} <span className="quiet font-sans text-base font-normal">· {lines.length}</span>
      </h2>
      <Scrolls label={t('nav.identities')}>
        <table className="sheet dense mt-2 w-full">
          <thead>
            <tr className="row-line text-start text-[0.8125rem]">
              <th className="w-[24%] px-3 py-2 font-normal">{t('identities.name')}</th>
              <th className="w-[13%] font-normal">{t('identities.number')}</th>
              <th className="w-[25%] font-normal">{t('identities.programme')}</th>
              <th className="w-[18%] font-normal">{t('identities.since')}</th>
              <th className="font-normal">{t('identities.owner')}</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((each) => (
              <tr key={each.claim} className="row-line">
                <td className="px-3 py-2">
                  <Link to={`/claims/${each.claim}/identity`} className="alone">
                    {each.name}
                  </Link>
                </td>
                <td className="tabular-nums">{each.number}</td>
                <td>{each.programme}</td>
                <td>{momentText(each.since)}</td>
                <td className="quiet">
                  {each.mine ? t('identities.mine') : each.owner || t('identities.nobody')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
    </section>
  );
}
