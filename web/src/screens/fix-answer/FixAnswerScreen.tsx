import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { isAbout, Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import type { Person } from '../apply/answers';
import { PointAnswer } from './PointAnswer';

/** The applicant's side of a fix list: only its points, nothing else. */
export function FixAnswerScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const queries = useQueryClient();
  const path = { id: claim };
  const asked = useQuery({
    queryKey: ['fix-list', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/fix-list', { params: { path } })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [values, setValues] = useState<Record<string, unknown>>({});
  const [notes, setNotes] = useState<Record<string, string>>({});
  const answer = useMutation({
    mutationFn: (points: Schemas['Point'][]) =>
      take(
        api.POST('/api/my/claims/{id}/fix-list', {
          params: { path },
          body: {
            answers: points
              .map((point) => ({
                path: point.path,
                value: point.path in values ? values[point.path] : unchanged(point),
                note: notes[point.path] ?? '',
              }))
              .filter((each) => each.value !== undefined),
          },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['my'] });
      go('/my');
    },
  });
  if (!asked.data) {
    return (
      <Page title={t('fix.title')}>
        <Problem of={asked.error} />
      </Page>
    );
  }
  const { points, dueOn, then, people } = asked.data;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    answer.mutate(points);
  };
  return (
    <Page title={t('fix.title')}>
      <h1 className="text-3xl">{t('fix.title')}</h1>
      <p className="mt-2 max-w-prose">{t('fix.intro')}</p>
      <p className="mt-1 font-semibold text-warning">
        <span aria-hidden="true">◈ </span>
        {t('fix.until', { date: dateText(dueOn) })} {t(`fix.${then}`)}
      </p>
      <form onSubmit={submit} className="mt-6 max-w-3xl space-y-5" noValidate>
        {points.map((point) => (
          <section
            key={point.path}
            className="sheet space-y-3 border-l-4 border-l-warning p-5"
            aria-label={point.title}
          >
            <h2 className="text-xl">{point.title}</h2>
            <p>{point.reason}</p>
            <p className="quiet text-[15px]">{t('fix.good', { good: point.good })}</p>
            <PointAnswer
              point={point}
              people={people as Person[]}
              onChange={(value) => setValues((now) => ({ ...now, [point.path]: value }))}
            />
            <TextField
              label={t('fix.note')}
              value={notes[point.path] ?? ''}
              onChange={(note) => setNotes({ ...notes, [point.path]: note })}
            />
            {isAbout(answer.error, point.path) && <Problem of={answer.error} />}
          </section>
        ))}
        {!points.some((point) => isAbout(answer.error, point.path)) && <Problem of={answer.error} />}
        <button type="submit" className="btn btn-primary h-12 px-5" disabled={answer.isPending}>
          {t('fix.handIn')}
        </button>
      </form>
    </Page>
  );
}

/** A single value that is left as it is was looked at and confirmed; anything larger has to be answered. */
function unchanged(point: Schemas['Point']): unknown {
  return typeof point.before === 'string' || typeof point.before === 'number' ? point.before : undefined;
}
