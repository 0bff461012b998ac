import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { BESIDE, useMedia } from '../components/useMedia';
import { FactField } from '../facts/FactField';
import { type Asked, type Given, isRecord } from '../facts/shapes';
import { Legend } from './Legend';
import { SingleMonths, SpanMonths } from './Months';
import { PlanWeeks } from './PlanWeeks';
import { daysOf, isDay, isSingly, withDays, withSpan } from './painted';
import { YearBand } from './YearBand';

type Props = {
  facts: Schemas['PaintedDays'];
  holidays: string[];
  questions: Asked[];
  answers: Given;
  onChange: (answers: Given) => void;
  plan: Schemas['Plan'] | undefined;
  supposing: Asked[];
  supposed: Given;
  onSuppose: (supposed: Given) => void;
};

const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7];

/** Days painted on months, with the weeks and the year they come to; the same days can be typed below. */
export default function PaintDays({
  facts,
  holidays,
  questions,
  answers,
  onChange,
  plan,
  supposing,
  supposed,
  onSuppose,
}: Props) {
  const { t } = useTranslation();
  const beside = useMedia(BESIDE);
  const singly = isSingly(
    questions.find((question) => question.path === facts.rows),
    answers,
  );
  const week = isRecord(answers[facts.schedule]) ? (answers[facts.schedule] as Given) : {};
  const months = {
    label: t(singly ? 'plan.paintDays' : 'plan.paintSpan'),
    months: beside ? 2 : 1,
    plan,
    holidays,
    free: WEEKDAYS.filter((day) => !Number(week[day])),
  };
  const span = { from: String(answers[facts.from] ?? ''), to: String(answers[facts.to] ?? '') };
  return (
    <section className="sheet mb-4 p-5" aria-label={t('plan.title')}>
      <p className="mb-3">{t(singly ? 'plan.howDays' : 'plan.howSpan')}</p>
      {singly ? (
        <SingleMonths
          {...months}
          near={isDay(span.from) ? span.from : undefined}
          value={daysOf(facts, answers)}
          onChange={(days) => onChange(withDays(facts, answers, days))}
        />
      ) : (
        <SpanMonths
          {...months}
          value={isDay(span.from) && isDay(span.to) && span.from <= span.to ? span : undefined}
          onChange={({ from, to }) => onChange(withSpan(facts, answers, from, to))}
        />
      )}
      {plan && <Legend plan={plan} />}
      {supposing.map((asked) => (
        <div key={asked.path} className="mt-4 max-w-sm">
          <FactField asked={asked} record={supposed} within="supposed/" onChange={onSuppose} />
        </div>
      ))}
      {plan && (
        <div className="mt-4">
          <PlanWeeks weeks={plan.weeks} />
          <YearBand year={plan.year} />
        </div>
      )}
    </section>
  );
}
