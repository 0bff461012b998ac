import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

/** What happens after "this was not me": what we do, what to do oneself, the number of the case, whom to reach. */
export function NotMe({ mine }: { mine: Schemas['MyIdentity'] }) {
  const { t } = useTranslation();
  return (
    <div className="mt-4 max-w-3xl space-y-5">
      <p className="text-lg">{mine.sentence}</p>
      <p className="sheet p-5">
        {t('who.notMe.case')} <b className="whitespace-nowrap">{mine.caseReference}</b>
      </p>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.notMe.we')}</h2>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          <li>{t('who.notMe.stopped')}</li>
          <li>{t('who.notMe.found')}</li>
          <li>{t('who.notMe.blame')}</li>
        </ul>
      </section>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.notMe.you')}</h2>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          <li>{t('who.notMe.password')}</li>
          <li>{t('who.notMe.bank')}</li>
          <li>{t('who.notMe.letters')}</li>
          <li>{t('who.notMe.own')}</li>
        </ul>
      </section>
      <p>{t('who.notMe.reach', { telephone: mine.office.telephone, hours: mine.office.hours })}</p>
    </div>
  );
}
