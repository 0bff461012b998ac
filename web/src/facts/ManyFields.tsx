import { useTranslation } from 'react-i18next';
import { TextField } from '../components/Field';
import { FactField, type People } from './FactField';
import type { Asked, Given } from './shapes';
import { useAdded } from './useAdded';

/** Any number of lines, each with the same questions. */
export function RowsField({
  asked,
  value,
  within,
  people,
  onChange,
}: {
  asked: Asked;
  value: unknown;
  within: string;
  people: People;
  onChange: (rows: Given[] | undefined) => void;
}) {
  const { t } = useTranslation();
  const rows = Array.isArray(value) ? (value as Given[]) : [];
  const change = (now: Given[]) => onChange(now.length > 0 ? now : undefined);
  const { lines, added } = useAdded<HTMLFieldSetElement>();
  return (
    <fieldset ref={lines}>
      <legend className="mb-1 font-semibold">{asked.label}</legend>
      {asked.hint && <p className="quiet text-sm">{asked.hint}</p>}
      {rows.map((row, i) => (
        <div
          key={i}
          data-line=""
          className="flex flex-col gap-4 border-b border-base-300 py-3 sm:flex-row sm:items-end"
        >
          {asked.parts.map((part) => (
            <FactField
              key={part.path}
              asked={part}
              record={row}
              within={`${within}${i}/`}
              people={people}
              onChange={(changed) => change(rows.map((each, at) => (at === i ? changed : each)))}
            />
          ))}
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-error"
            aria-label={t('apply.removeLine', { what: asked.label, number: i + 1 })}
            onClick={() => change(rows.filter((_, at) => at !== i))}
          >
            {t('apply.remove')}
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-outline btn-primary mt-3 h-auto min-h-11"
        onClick={() => {
          change([...rows, {}]);
          added();
        }}
      >
        {t('facts.addLine')}
      </button>
    </fieldset>
  );
}

/** Questions that belong together. */
export function RecordField({
  asked,
  value,
  within,
  people,
  onChange,
}: {
  asked: Asked;
  value: Given;
  within: string;
  people: People;
  onChange: (record: Given | undefined) => void;
}) {
  /** Small numbers of one kind, such as those of a week, stand beside each other. */
  const hours = asked.parts.every((part) => part.widget === 'HOURS');
  return (
    <fieldset className="space-y-4">
      <legend className={asked.parts.length > 1 ? 'mb-2 font-semibold' : 'sr-only'}>{asked.label}</legend>
      {asked.hint && <p className="quiet text-sm">{asked.hint}</p>}
      <div className={hours ? 'grid grid-cols-[repeat(auto-fill,minmax(6.5rem,1fr))] gap-3' : 'space-y-4'}>
        {asked.parts.map((part) => (
          <FactField
            key={part.path}
            asked={part}
            record={value}
            within={`${within}/`}
            people={people}
            onChange={(now) => onChange(Object.keys(now).length > 0 ? now : undefined)}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** Any number of names, one field each, with an empty one at the end. */
export function NamesField({
  asked,
  value,
  onChange,
}: {
  asked: Asked;
  value: unknown;
  onChange: (names: string[] | undefined) => void;
}) {
  const { t } = useTranslation();
  const names = Array.isArray(value) ? (value as string[]) : [];
  return (
    <fieldset className="space-y-3">
      <legend className="mb-1 font-semibold">{asked.label}</legend>
      {[...names, ''].map((name, i) => (
        <TextField
          key={i}
          label={t('facts.name', { number: i + 1 })}
          value={name}
          onChange={(typed) => {
            const now = [...names.slice(0, i), typed, ...names.slice(i + 1)].filter((each) => each !== '');
            onChange(now.length > 0 ? now : undefined);
          }}
        />
      ))}
    </fieldset>
  );
}
