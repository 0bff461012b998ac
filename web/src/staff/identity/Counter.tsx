import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { DayField } from '../../components/DayField';
import { SelectField } from '../../components/Field';
import { FormText } from '../../components/FormText';
import { Problem } from '../../components/Problem';
import type { useGrid } from './useGrid';

type Props = { types: string[]; counter: ReturnType<typeof useGrid>['counter'] };

/** An original seen at the counter: kind, number, end, what was compared; it counts as documents do. */
export function Counter({ types, counter }: Props) {
  const { t } = useTranslation();
  const { control, handleSubmit, reset } = useForm({ defaultValues: { name: '', number: '', compared: '' } });
  const [type, setType] = useState('');
  const [born, setBorn] = useState('');
  const [issued, setIssued] = useState('');
  const [expires, setExpires] = useState('');
  return (
    <details className="sheet mt-3 p-3">
      <summary className="cursor-pointer font-semibold text-primary">{t('grid.counter.title')}</summary>
      <form
        className="mt-3 grid gap-3 lg:grid-cols-3"
        onSubmit={(event) =>
          void handleSubmit((said) =>
            counter.mutate(
              {
                ...said,
                documentType: type,
                ...(born && { dateOfBirth: born }),
                ...(issued && { issuedOn: issued }),
                ...(expires && { expiresOn: expires }),
              },
              { onSuccess: () => reset() },
            ),
          )(event)
        }
      >
        <SelectField
          label={t('grid.counter.type')}
          value={type}
          onChange={setType}
          options={types.map((each) => ({ value: each, label: t(`who.type.${each as 'PASSPORT'}`) }))}
        />
        <FormText
          control={control}
          name="name"
          required
          label={t('grid.counter.name')}
          problem={counter.error}
        />
        <FormText control={control} name="number" label={t('grid.counter.number')} problem={counter.error} />
        <DayField label={t('grid.counter.born')} value={born} onChange={setBorn} />
        <DayField label={t('grid.counter.issued')} value={issued} onChange={setIssued} />
        <DayField label={t('grid.counter.expires')} value={expires} onChange={setExpires} />
        <div className="lg:col-span-3">
          <FormText
            control={control}
            name="compared"
            required
            label={t('grid.counter.compared')}
            hint={t('grid.counter.comparedHint')}
            problem={counter.error}
          />
        </div>
        <Problem of={counter.error} />
        <button type="submit" className="btn btn-primary h-auto min-h-9 justify-self-start" disabled={!type}>
          {t('grid.counter.do')}
        </button>
      </form>
    </details>
  );
}
