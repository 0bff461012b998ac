import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Scrolls } from '../../components/Scrolls';
import { momentText } from '../../i18n';

type Mood = Schemas['Behave']['mood'];
type Service = Schemas['Behaviour']['service'];
const MOODS: Mood[] = ['ANSWERS', 'SLOW', 'DOWN', 'FLAPPING', 'WRONG'];

/** For the demo: how the simulated services behave, and every mail and text message that would have gone out. */
export function OutsideScreen() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const outside = useQuery({ queryKey: ['outside'], queryFn: () => take(api.GET('/api/outside')) });
  const behave = useMutation({
    mutationFn: ({ service, mood }: { service: Service; mood: Mood }) =>
      take(api.PUT('/api/outside/{service}', { params: { path: { service } }, body: { mood } })),
    onSuccess: (now) => queries.setQueryData(['outside'], now),
  });
  return (
    <Page title={t('outside.title')}>
      <h1 className="text-3xl">{t('outside.title')}</h1>
      <p className="mt-2 max-w-prose">{t('outside.intro')}</p>
      <Problem of={outside.error ?? behave.error} />
      <Scrolls label={t('outside.title')}>
        <table className="sheet mt-5 w-full max-w-3xl">
          <tbody>
            {outside.data?.services.map((each) => (
              <tr key={each.service} className="row-line">
                <th scope="row" className="px-4 py-2 text-start font-semibold">
                  {t(`outside.${each.service}`)}
                </th>
                <td className="py-2 pe-4">
                  <select
                    className="field !min-h-9"
                    aria-label={t(`outside.${each.service}`)}
                    value={each.mood}
                    onChange={(e) => behave.mutate({ service: each.service, mood: e.target.value as Mood })}
                  >
                    {MOODS.map((mood) => (
                      <option key={mood} value={mood}>
                        {t(`outside.mood.${mood}`)}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      <h2 className="mt-8 text-xl">{t('outside.carried')}</h2>
      {outside.data?.carried.length === 0 && <p className="quiet mt-1">{t('outside.nothing')}</p>}
      <ul className="mt-2 space-y-2">
        {outside.data?.carried.map((each) => (
          <li key={each.id} className="sheet p-3">
            <p>
              <strong>{each.recipient}</strong>{' '}
              <span className="quiet">
                {t(`messages.channel.${each.channel as 'EMAIL'}`)} · {momentText(each.at)}
              </span>
            </p>
            <p className="font-semibold">{each.subject}</p>
            <p className="whitespace-pre-wrap">{each.body}</p>
          </li>
        ))}
      </ul>
    </Page>
  );
}
