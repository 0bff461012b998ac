import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Legend } from '../../plan/Legend';
import { SpanMonths } from '../../plan/Months';
import { PlanWeeks } from '../../plan/PlanWeeks';
import { SideBySide } from '../../plan/SideBySide';
import { YearBand } from '../../plan/YearBand';

type Props = {
  plan: Schemas['Plan'];
  /** Leads to a fact. */
  onFact: (path: string) => void;
};

/** The days a claim is about as they are settled: on months, side by side, week by week with the money, in their year. */
export default function PlanPanel({ plan, onFact }: Props) {
  const { t } = useTranslation();
  const first = plan.days[0]?.date;
  const last = plan.days.at(-1)?.date;
  return (
    <div className="px-4 py-3">
      <p className="text-base font-semibold">{plan.headline}</p>
      <ul className="mb-3">
        {[...plan.told, ...plan.later.map((later) => later.sentence)].map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      {first && last && (
        <SpanMonths
          label={t('plan.title')}
          months={2}
          plan={plan}
          holidays={plan.holidays}
          free={[]}
          value={{ from: first, to: last }}
        />
      )}
      <Legend plan={plan} />
      <SideBySide weeks={plan.compared} onSettle={onFact} />
      <YearBand year={plan.year} />
      <div className="mt-4">
        <PlanWeeks weeks={plan.weeks} />
      </div>
    </div>
  );
}
