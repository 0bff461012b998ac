import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { pending } from '../../components/pending';
import { Scrolls } from '../../components/Scrolls';
import { SideBySide } from '../../components/SideBySide';
import { dateText } from '../../i18n';
import { ContactForm } from './ContactForm';

/** The people behind a claim, their claims over time, the papers that still hold, and who may be known already. */
export function HouseholdScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const queries = useQueryClient();
  const key = ['household', claim];
  const path = { id: claim };
  const household = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/household', { params: { path } })),
  });
  const match = useMutation({
    mutationFn: ({ member, known, same }: { member: string; known: string; same: boolean }) =>
      take(
        api.POST('/api/claims/{id}/household/{member}/{known}', {
          params: { path: { id: claim, member, known } },
          body: { same },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(key, now);
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
      void queries.invalidateQueries({ queryKey: ['papers', claim] });
    },
  });
  const data = household.data;
  if (!data) {
    return pending(household.error);
  }
  return (
    <Page title={t('household.title', { name: data.name })}>
      <p>
        <Link to={`/claims/${claim}`} className="alone">
          {t('household.back')}
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">{t('household.title', { name: data.name })}</h1>
      <Problem of={match.error} />
      <Matches matches={data.matches} onSettle={(wish) => match.mutate(wish)} />
      <section className="mt-6" aria-labelledby="people">
        <h2 id="people" className="text-xl">
          {t('household.people')}
        </h2>
        <ul className="mt-2 space-y-3">
          {data.people.map((person) => (
            <li key={person.member} className="sheet dense p-4">
              <p>
                <span className="told text-lg">{person.name}</span>{' '}
                <span className="quiet">
                  {t('household.born', { date: dateText(person.born) })} · {person.claims.join(', ')}
                </span>
              </p>
              <ContactForm claim={claim} member={person.member} contact={person.contact} onSaved={key} />
            </li>
          ))}
        </ul>
      </section>
      <section className="mt-8" aria-labelledby="their-claims">
        <h2 id="their-claims" className="text-xl">
          {t('household.claims')}
        </h2>
        <Scrolls label={t('household.claims')}>
          <table className="sheet dense mt-2 w-full">
            <tbody>
              {data.claims.map((each) => (
                <tr key={each.id} className="row-line">
                  <td className="whitespace-nowrap px-3 py-2">
                    <Link to={`/claims/${each.id}`} className="alone">
                      {each.number}
                    </Link>
                  </td>
                  <td>{each.programme}</td>
                  <td className="whitespace-nowrap pe-3">{dateText(each.receivedOn, 'weekday')}</td>
                  <td className="whitespace-nowrap pe-3">{t(`state.${each.state as 'RECEIVED'}`)}</td>
                  <td className="pe-3">{each.nextStep}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scrolls>
      </section>
      <section className="mt-8" aria-labelledby="holding">
        <h2 id="holding" className="text-xl">
          {t('household.papers')}
        </h2>
        {data.papers.length === 0 && <p className="quiet mt-1">{t('household.noPapers')}</p>}
        <ul className="mt-2">
          {data.papers.map((paper) => (
            <li key={paper.paper + paper.member} className="row-line py-1.5">
              <strong>{paper.name}</strong> · {paper.number} ·{' '}
              {t('household.until', { date: dateText(paper.until) })}
            </li>
          ))}
        </ul>
      </section>
    </Page>
  );
}

function Matches({
  matches,
  onSettle,
}: {
  matches: Schemas['Match'][];
  onSettle: (wish: { member: string; known: string; same: boolean }) => void;
}) {
  const { t } = useTranslation();
  if (matches.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="matches">
      <h2 id="matches" className="text-xl">
        {t('household.matches')}
      </h2>
      <ul className="mt-2 space-y-2">
        {matches.map((each) => (
          <li
            key={each.member + each.known}
            className={`sheet dense flex flex-wrap items-center gap-4 border-s-4 p-3 ${each.state === 'PROPOSED' ? 'border-s-warning' : each.state === 'CONFIRMED' ? 'border-s-success' : 'border-s-base-300'}`}
          >
            <div className="min-w-[min(16rem,100%)] flex-1">
              <SideBySide
                heads={[t('household.thisClaim'), t('household.known', { claims: each.claims.join(', ') })]}
                lines={[
                  { what: t('beside.name'), values: [each.name, each.knownName] },
                  { what: t('beside.born'), values: [dateText(each.born), dateText(each.knownBorn)] },
                ]}
              />
              <p className="quiet mt-1">{each.why}</p>
            </div>
            {each.state !== 'PROPOSED' && (
              <span className={each.state === 'CONFIRMED' ? 'text-success' : 'quiet'}>
                {each.state === 'CONFIRMED' ? `✓ ${t('household.same')}` : `– ${t('household.notSame')}`}
              </span>
            )}
            {each.state !== 'CONFIRMED' && (
              <button
                type="button"
                aria-label={`${t('household.confirm')}: ${each.name}`}
                className="btn btn-outline btn-primary h-auto min-h-9 "
                onClick={() => onSettle({ member: each.member, known: each.known, same: true })}
              >
                {t('household.confirm')}
              </button>
            )}
            {each.state !== 'REFUSED' && (
              <button
                type="button"
                aria-label={`${t('household.refuse')}: ${each.name}`}
                className="min-h-9 cursor-pointer font-semibold text-primary"
                onClick={() => onSettle({ member: each.member, known: each.known, same: false })}
              >
                {t('household.refuse')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
