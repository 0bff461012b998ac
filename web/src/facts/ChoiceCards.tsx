import { useId } from 'react';
import type { Option } from './shapes';

type Props = {
  id: string;
  label: string;
  hint?: string | undefined;
  error?: string | null | undefined;
  options: Option[];
  value: string;
  onChange: (value: string) => void;
};

const HEIGHT = 10;
const WIDTH = 5;

/** A choice whose answers need a word of what they mean; an example of a week is drawn where there is one. */
export function ChoiceCards({ id, label, hint, error, options, value, onChange }: Props) {
  const name = useId();
  return (
    <fieldset id={id} tabIndex={-1} className="min-w-0" aria-describedby={error ? `${id}-error` : undefined}>
      <legend className="mb-2 font-semibold">{label}</legend>
      {hint && <p className="quiet mb-2 text-sm">{hint}</p>}
      <div className="space-y-2">
        {options.map((option) => (
          <label
            key={option.value}
            className={`flex cursor-pointer flex-wrap items-start gap-3 rounded border p-3 ${value === option.value ? 'border-primary bg-primary/5' : 'border-base-300'}`}
          >
            <input
              type="radio"
              className="radio radio-primary mt-0.5"
              name={name}
              aria-label={option.label}
              aria-describedby={`${name}${option.value}`}
              checked={value === option.value}
              onChange={() => onChange(option.value)}
            />
            <span className="min-w-0 grow basis-16">
              <span className="block font-semibold">{option.label}</span>
              <span id={`${name}${option.value}`} className="quiet block text-[0.9375rem]">
                {option.hint}
              </span>
            </span>
            {option.week && option.week.length > 0 && <Week parts={option.week} />}
          </label>
        ))}
      </div>
      {error && (
        <p id={`${id}-error`} className="mt-1 text-sm font-semibold text-error">
          {error}
        </p>
      )}
    </fieldset>
  );
}

/** Seven days side by side, filled as far as they are taken. */
function Week({ parts }: { parts: number[] }) {
  return (
    <svg
      viewBox={`0 0 ${parts.length * (WIDTH + 1)} ${HEIGHT}`}
      className="h-5 w-16 shrink-0 sm:h-8 sm:w-28"
      aria-hidden="true"
    >
      {parts.map((part, day) => (
        <g key={day} transform={`translate(${day * (WIDTH + 1)} 0)`}>
          <rect width={WIDTH} height={HEIGHT} className="fill-base-200" />
          <rect y={HEIGHT - part} width={WIDTH} height={part} className="fill-primary" />
        </g>
      ))}
    </svg>
  );
}
