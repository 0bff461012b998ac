import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { SelectField, TextField, YesNoField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { readAs } from '../../facts/shapes';

/** "Might this be for me?" in five questions, with the reasons either way. */
export function Check({ programme, questions }: { programme: string; questions: Schemas['Asked'][] }) {
  const { t } = useTranslation();
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const check = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/programmes/{id}/screening', {
          params: { path: { id: programme } },
          body: { answers: given(questions, answers) },
        }),
      ),
  });
  const [looked, setLooked] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const isMissing = (path: string) => !answers[path]?.trim();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setLooked(true);
    const first = questions.find((question) => isMissing(question.path));
    if (first) {
      check.reset();
      form.current?.querySelector<HTMLElement>(`[data-asks="${first.path}"] :is(input, select)`)?.focus();
    } else check.mutate();
  };
  const set = (path: string) => (value: string) => setAnswers({ ...answers, [path]: value });
  const field = (question: Schemas['Asked'], value: string, error: string | null) => {
    switch (question.widget) {
      case 'YES_NO':
        return (
          <YesNoField
            label={question.label}
            value={value}
            onChange={set(question.path)}
            error={error}
            yes={t('offer.yes')}
            no={t('offer.no')}
          />
        );
      case 'CHOICE':
        return (
          <SelectField
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
            label={question.label}
            value={value}
            inputMode="decimal"
            onChange={set(question.path)}
            error={error}
          />
        );
    }
  };
  return (
    <section className="sheet p-6">
      <h2 className="text-xl">{t('offer.check')}</h2>
      <p className="quiet">{t('offer.checkIntro')}</p>
      <form ref={form} onSubmit={submit} className="mt-4 space-y-4" noValidate>
        {questions.map((question) => {
          const value = answers[question.path] ?? '';
          const error = isAbout(check.error, question.path)
            ? check.error?.message
            : looked && isMissing(question.path)
              ? t('facts.fault.missing')
              : null;
          return (
            <div key={question.path} data-asks={question.path}>
              {field(question, value, error ?? null)}
            </div>
          );
        })}
        <Press type="submit" className="btn btn-outline btn-primary h-auto min-h-12" busy={check.isPending}>
          {t('offer.tell')}
        </Press>
      </form>
      {!questions.some((question) => isAbout(check.error, question.path)) && <Problem of={check.error} />}
      {check.data && (
        <div role="status" className="mt-5 border-s-4 border-primary ps-4">
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

/** What was typed, read as the form reads it: amounts in the way people write them. */
function given(questions: Schemas['Asked'][], answers: Record<string, string>): Record<string, string> {
  return Object.fromEntries(
    questions
      .map(({ path, widget }) => [path, readAs(widget, answers[path] ?? '')] as const)
      .filter(([, value]) => value !== undefined)
      .map(([path, value]) => [path, String(value)]),
  );
}
