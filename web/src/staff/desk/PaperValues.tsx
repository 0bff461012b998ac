import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayInput } from '../../components/DayField';
import { Press } from '../../components/Press';

type Props = {
  /** What can be read on such a paper. */
  fields: string[];
  page: number;
  reading: Schemas['Reading'] | undefined;
  canWork: boolean;
  busy: boolean;
  onMark: (field: string) => void;
  onSee: (values: Record<string, string>) => void;
};

const DAYS = ['dateOfBirth', 'issuedOn', 'expiresOn', 'periodStart', 'periodEnd', 'payDate'];
const TYPES = ['PASSPORT', 'NATIONAL_ID', 'DRIVING_LICENCE', 'RESIDENCE_PERMIT'];

/** What a page says, as it was read: to be confirmed as it stands, or corrected. */
export function PaperValues({ fields, page, reading, canWork, busy, onMark, onSee }: Props) {
  const { t } = useTranslation();
  const shown = reading?.shown.filter((each) => each.page === page) ?? [];
  const first = Object.fromEntries(shown.map((each) => [each.field, each.value]));
  const [values, setValues] = useState<Record<string, string>>(first);
  const seen = shown.length > 0 && shown.every((each) => each.state !== 'READ');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onSee(values);
  };
  return (
    <form onSubmit={submit} className="border-t border-base-300 bg-base-100 p-3 xl:border-s xl:border-t-0">
      <p className="mb-2 font-semibold">
        {seen ? (
          <span className="text-success">✓ {t('reading.seen', { by: shown[0]?.by ?? '' })}</span>
        ) : (
          t(`reading.${reading?.state ?? 'WAITING'}`)
        )}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 xl:grid-cols-1">
        {fields.map((field) => (
          <label key={field} htmlFor={`value-${field}`} className="text-[0.8125rem]">
            {t(`reading.field.${field}` as 'reading.field.name')}
            {field === 'documentType' ? (
              <select
                id={`value-${field}`}
                className="field !min-h-8 px-2"
                value={values[field] ?? ''}
                disabled={!canWork}
                onFocus={() => onMark(field)}
                onChange={(e) => setValues({ ...values, [field]: e.target.value })}
              >
                <option value="" />
                {TYPES.map((type) => (
                  <option key={type} value={type}>
                    {t(`reading.type.${type}` as 'reading.type.PASSPORT')}
                  </option>
                ))}
              </select>
            ) : DAYS.includes(field) ? (
              <DayInput
                id={`value-${field}`}
                className="field !min-h-8 !px-2"
                value={values[field] ?? ''}
                disabled={!canWork}
                onFocus={() => onMark(field)}
                onChange={(day) => setValues({ ...values, [field]: day })}
              />
            ) : (
              <input
                id={`value-${field}`}
                className="field !min-h-8 !px-2"
                value={values[field] ?? ''}
                disabled={!canWork}
                onFocus={() => onMark(field)}
                onChange={(e) => setValues({ ...values, [field]: e.target.value })}
              />
            )}
          </label>
        ))}
      </div>
      {canWork && (
        <Press type="submit" className="btn btn-outline btn-primary mt-2 h-auto min-h-9 " busy={busy}>
          {seen ? t('reading.correct') : t('reading.confirm')}
        </Press>
      )}
    </form>
  );
}
