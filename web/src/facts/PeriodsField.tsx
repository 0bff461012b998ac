import { useTranslation } from 'react-i18next';
import { CheckField } from '../components/Field';
import { dateText } from '../i18n';
import { RowsField } from './ManyFields';
import { gapsOf, isoOf, overlapsOf, type Span, spansOf, yearsBefore } from './periods';
import type { Asked, Given } from './shapes';

type Props = {
  asked: Asked;
  value: unknown;
  within: string;
  onChange: (rows: Given[] | undefined) => void;
};

/** Periods line by line, drawn on a line of the years that count; or that there was none. */
export function PeriodsField({ asked, value, within, onChange }: Props) {
  const { t } = useTranslation();
  const rows = Array.isArray(value) ? (value as Given[]) : [];
  const years = Number(asked.options[0]?.value);
  return (
    <div>
      <RowsField asked={asked} value={value} within={within} people={[]} onChange={onChange} />
      {rows.length > 0 ? (
        <Line rows={rows} years={years} />
      ) : (
        <CheckField
          label={t('facts.noPeriod', { years })}
          checked={Array.isArray(value)}
          onChange={(none) => onChange(none ? [] : undefined)}
        />
      )}
    </div>
  );
}

function Line({ rows, years }: { rows: Given[]; years: number }) {
  const { t } = useTranslation();
  const all = yearsBefore(new Date().toISOString().slice(0, 10), years);
  const spans = spansOf(rows, all);
  const gaps = gapsOf(spans, all);
  const overlaps = overlapsOf(spans);
  const bar = ({ from, to }: Span) => ({ x: from - all.from, width: to - from + 1 });
  const said = (found: Span[], key: 'facts.gap' | 'facts.overlap') =>
    found.map(({ from, to }) => (
      <li key={key + from}>{t(key, { from: dateText(isoOf(from)), to: dateText(isoOf(to)) })}</li>
    ));
  return (
    <div className="mt-4">
      <svg
        viewBox={`0 0 ${all.to - all.from + 1} 36`}
        preserveAspectRatio="none"
        aria-hidden="true"
        className="h-9 w-full border border-base-300 bg-base-100"
      >
        {spans.map((span, i) => (
          <rect key={i} {...bar(span)} y="4" height="28" className="fill-primary" opacity="0.55" />
        ))}
        {overlaps.map((span) => (
          <rect key={span.from} {...bar(span)} y="4" height="28" className="fill-warning" />
        ))}
      </svg>
      <p className="quiet flex justify-between text-sm">
        <span>{dateText(isoOf(all.from))}</span>
        <span>{dateText(isoOf(all.to))}</span>
      </p>
      <ul className="mt-1 text-sm" aria-live="polite">
        {said(gaps, 'facts.gap')}
        {said(overlaps, 'facts.overlap')}
      </ul>
    </div>
  );
}
