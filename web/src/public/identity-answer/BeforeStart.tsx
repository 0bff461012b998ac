import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { dateText } from '../../i18n';
import { MoreTime } from './MoreTime';
import type { useIdentity } from './useIdentity';

type Props = {
  mine: Schemas['MyIdentity'];
  later: ReturnType<typeof useIdentity>['later'];
  onBegin: () => void;
};

/** Everything to know before starting, on one page that can be printed: why, by when, what counts and what to do without. */
export function BeforeStart({ mine, later, onBegin }: Props) {
  const { t } = useTranslation();
  const begun = mine.documents.length > 0 || mine.filed === 'YES';
  return (
    <div className="space-y-6">
      <section className="sheet border-s-4 border-s-warning p-5">
        <p>
          {t(`who.why.${mine.occasion as 'DOUBTED'}`, { programme: mine.programme, number: mine.number })}
        </p>
        {mine.why && <p className="told mt-2 border-s-2 border-base-300 ps-3">{mine.why}</p>}
        <p className="mt-3">{t('who.money')}</p>
        {mine.dueOn && (
          <p className="mt-3 font-semibold text-warning">
            <span aria-hidden="true">◈ </span>
            {t('who.until', { date: dateText(mine.dueOn) })}{' '}
            <span className="font-normal text-base-content">{mine.then}</span>
          </p>
        )}
      </section>
      <div className="flex flex-wrap items-center gap-4 print:hidden">
        <button type="button" className="btn btn-primary h-auto min-h-12" onClick={onBegin}>
          {begun ? t('who.goOn') : t('who.begin')}
        </button>
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={() => window.print()}
        >
          {t('who.print')}
        </button>
        <p className="quiet basis-full">{t('who.howLong')}</p>
      </div>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.counts')}</h2>
        <p className="mt-1">{t('who.countsIntro')}</p>
        <Group mine={mine} category="PHOTO" />
        <Group mine={mine} category="SECOND" />
        <h3 className="mt-5 text-lg">{t('who.not.title')}</h3>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          <li>{t('who.not.numberCard')}</li>
          <li>{t('who.not.expired')}</li>
          <li>{t('who.not.screenshot')}</li>
          <li>{t('who.not.others')}</li>
        </ul>
        <h3 className="mt-5 text-lg">{t('who.name.title')}</h3>
        <p className="mt-1">{t('who.name.text')}</p>
      </section>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.picture.title')}</h2>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          <li>{t('who.picture.light')}</li>
          <li>{t('who.picture.whole')}</li>
          <li>{t('who.picture.formats')}</li>
        </ul>
      </section>
      <section className="sheet p-5">
        <h2 className="text-xl">{t('who.without.title')}</h2>
        <ul className="mt-1 list-disc space-y-1 ps-5">
          <li>{t('who.without.call', { telephone: mine.office.telephone, hours: mine.office.hours })}</li>
          <li>{t('who.without.counter')}</li>
          <li>{t('who.without.little')}</li>
        </ul>
        {mine.mayAskForTime && <MoreTime later={later} />}
      </section>
    </div>
  );
}

function Group({ mine, category }: { mine: Schemas['MyIdentity']; category: 'PHOTO' | 'SECOND' }) {
  const { t } = useTranslation();
  return (
    <>
      <h3 className="mt-5 text-lg">{t(`who.group.${category}`)}</h3>
      <ul className="mt-1 divide-y divide-base-300">
        {mine.counts
          .filter((each) => each.category === category)
          .map((each) => (
            <li key={each.code} className="py-2">
              <span className="font-semibold">{t(`who.type.${each.code as 'PASSPORT'}`)}</span>
              {each.months > 0 && <span> · {t('who.months', { count: each.months })}</span>}
              <span className="quiet block text-[0.9375rem]">
                {t('who.seen', { parts: each.parts.map((part) => t(`who.part.${part}`)).join(', ') })}
                {each.hasBack && ` ${t('who.bothSides')}`}
              </span>
            </li>
          ))}
      </ul>
    </>
  );
}
