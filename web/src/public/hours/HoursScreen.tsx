import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { TellWeek } from './TellWeek';

type Week = Schemas['HoursWeek'];

/** The hours of weeks that are over, told one by one; those that were told can be changed. */
export function HoursScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const hours = useQuery({
    queryKey: ['my-hours', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/hours', { params: { path: { id: claim } } })),
  });
  return (
    <Page title={t('hours.title')}>
      <BackToMine />
      <h1 className="mt-1 text-3xl">{t('hours.title')}</h1>
      <Problem of={hours.error} />
      {hours.data && (
        <div className="mt-4 max-w-2xl space-y-5 pb-16">
          <p>{t('hours.intro', { number: hours.data.number })}</p>
          <Weeks claim={claim} weeks={hours.data.weeks} />
          <p>
            <Link to={`/my/${claim}/account`} className="inline-flex min-h-11 items-center">
              {t('hours.money')}
            </Link>
          </p>
        </div>
      )}
    </Page>
  );
}

function Weeks({ claim, weeks }: { claim: string; weeks: Week[] }) {
  const { t } = useTranslation();
  const over = weeks.filter((week) => week.canTell);
  const toTell = over.filter((week) => week.state !== 'TOLD');
  const told = over.filter((week) => week.state === 'TOLD').reverse();
  const next = weeks.find((week) => !week.canTell && week.state === 'TO_COME');
  return (
    <>
      {toTell.map((week) => (
        <TellWeek key={week.monday} claim={claim} week={week} />
      ))}
      {toTell.length === 0 && <p className="font-semibold">{t('hours.nothing')}</p>}
      {next && (
        <p>
          {t('hours.next', {
            from: dateText(next.monday),
            sunday: dateText(next.sunday, 'weekday'),
          })}
        </p>
      )}
      {told.length > 0 && (
        <section>
          <h2 className="mb-2 text-xl">{t('hours.before')}</h2>
          <div className="space-y-3">
            {told.map((week) => (
              <TellWeek key={week.monday} claim={claim} week={week} />
            ))}
          </div>
        </section>
      )}
    </>
  );
}
