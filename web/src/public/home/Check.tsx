import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { SelectField, TextField, YesNoField } from '../../components/Field';
import { isAbout, Problem } from '../../components/Problem';

/** "Might this be for me?" in five questions, with the reasons either way. */
export function Check({ programme, questions }: { programme: string; questions: Schemas['Asked'][] }) {
  const { t } = useTranslation();
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const check = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/programmes/{id}/screening', {
          params: { path: { id: programme } },
          body: { answers: given(answers) },
        }),
      ),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    check.mutate();
  };
  const set = (path: string) => (value: string) => setAnswers({ ...answers, [path]: value });
  return (
    <section className="sheet p-6">
      <h2 className="text-xl">{t('offer.check')}</h2>
      <p className="quiet">{t('offer.checkIntro')}</p>
      <form onSubmit={submit} className="mt-4 space-y-4">
        {questions.map((question) => {
          const value = answers[question.path] ?? '';
          const error = isAbout(check.error, question.path) ? check.error?.message : null;
          switch (question.widget) {
            case 'YES_NO':
              return (
                <YesNoField
                  key={question.path}
                  label={question.label}
                  value={value}
                  onChange={set(question.path)}
                  yes={t('offer.yes')}
                  no={t('offer.no')}
                />
              );
            case 'CHOICE':
              return (
                <SelectField
                  key={question.path}
                  label={question.label}
                  value={value}
                  onChange={set(question.path)}
                  options={question.options}
                  error={error}
                />
              );
            default:
              return (
                <TextField
                  key={question.path}
                  label={question.label}
                  value={value}
                  inputMode="decimal"
                  onChange={set(question.path)}
                  error={error}
                />
              );
          }
        })}
        <button type="submit" className="btn btn-outline btn-primary h-12" disabled={check.isPending}>
          {t('offer.tell')}
        </button>
      </form>
      {!questions.some((question) => isAbout(check.error, question.path)) && <Problem of={check.error} />}
      {check.data && (
        <div role="status" className="mt-5 border-l-4 border-primary pl-4">
          <p className="told text-lg">{check.data.sentence}</p>
          <ul className="mt-2 space-y-1">
            {check.data.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
          <p className="quiet mt-2 text-sm">{t('offer.notBinding')}</p>
        </div>
      )}
    </section>
  );
}

function given(answers: Record<string, string>): Record<string, string> {
  return Object.fromEntries(Object.entries(answers).filter(([, value]) => value.trim() !== ''));
}
