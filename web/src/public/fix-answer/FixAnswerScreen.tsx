import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { TextField } from '../../components/Field';
import { useKept } from '../../components/kept';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import type { Person } from '../../facts/answers';
import { dateText } from '../../i18n';
import { AskForTime } from './AskForTime';
import { PaperPoint } from './PaperPoint';
import { PointAnswer } from './PointAnswer';

type Point = Schemas['Point'];

/** What was answered and not handed in yet; of some points, that they are right as they are. */
type Begun = { values: Record<string, unknown>; notes: Record<string, string>; same: string[] };

const NOTHING: Begun = { values: {}, notes: {}, same: [] };

/** The applicant's side of a fix list: only its points, nothing else; some can be answered now and the rest later. */
export function FixAnswerScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['fix-list', claim];
  const asked = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/fix-list', { params: { path } })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [begun = NOTHING, keep] = useKept<Begun>(`fix-answer/${claim}`);
  const { values, notes, same } = begun;
  const answer = useMutation({
    mutationFn: (points: Point[]) =>
      take(
        api.POST('/api/my/claims/{id}/fix-list', {
          params: { path },
          body: {
            answers: points
              .filter((point) => point.path in values)
              .map((point) => ({
                path: point.path,
                value: values[point.path],
                note: notes[point.path] ?? '',
              })),
          },
        }),
      ),
    onSuccess: async ({ open }) => {
      keep(undefined);
      await queries.invalidateQueries({ queryKey: ['my'] });
      if (open === 0) go('/my');
      else await queries.invalidateQueries({ queryKey: key });
    },
  });
  if (!asked.data) {
    return (
      <Page title={t('fix.title')}>
        <Problem of={asked.error} />
        {asked.error && <BackToMine />}
      </Page>
    );
  }
  const { points, dueOn, then, people, questions } = asked.data;
  const open = points.filter((point) => !point.answeredAt);
  const change = (point: Point, value: unknown, isSame = false) =>
    keep((now = NOTHING) => ({
      ...now,
      values: { ...now.values, [point.path]: value },
      same: [...now.same.filter((each) => each !== point.path), ...(isSame ? [point.path] : [])],
    }));
  const undo = (point: Point) =>
    keep((now = NOTHING) => {
      const { [point.path]: taken, ...rest } = now.values;
      return { ...now, values: rest, same: now.same.filter((each) => each !== point.path) };
    });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    answer.mutate(open);
  };
  return (
    <Page title={t('fix.title')}>
      <h1 className="text-3xl">{t('fix.title')}</h1>
      <p className="mt-2 max-w-prose">{t('fix.intro')}</p>
      <p className="mt-1 font-semibold text-warning">
        <span aria-hidden="true">◈ </span>
        {t('fix.until', { date: dateText(dueOn) })} {t(`fix.${then}`)}
      </p>
      <AskForTime
        claim={claim}
        asked={asked.data}
        onAsked={() => queries.invalidateQueries({ queryKey: key })}
      />
      <form onSubmit={submit} className="mt-6 max-w-3xl space-y-5" noValidate>
        {points.map((point) =>
          point.answeredAt ? (
            <section
              key={point.path}
              className="sheet border-s-4 border-s-success p-5"
              aria-label={point.title}
            >
              <h2 className="text-xl">{point.title}</h2>
              <p className="text-success">✓ {t('fix.answered')}</p>
            </section>
          ) : (
            <section
              key={point.path}
              className="sheet space-y-3 border-s-4 border-s-warning p-5"
              aria-label={point.title}
            >
              <h2 className="text-xl">{point.title}</h2>
              <p className="whitespace-pre-line">{point.reason}</p>
              <p className="quiet text-[0.9375rem]">{t('fix.good', { good: point.good })}</p>
              {same.includes(point.path) ? (
                <p role="status">
                  <span className="text-success">✓ </span>
                  {t('fix.saidSame')}{' '}
                  <button
                    type="button"
                    className="min-h-11 cursor-pointer font-semibold text-primary"
                    onClick={() => undo(point)}
                  >
                    {t('fix.undo')}
                  </button>
                </p>
              ) : point.path.startsWith('papers/') ? (
                <PaperPoint claim={claim} point={point} onSent={() => change(point, '')} />
              ) : (
                <PointAnswer
                  point={point}
                  asked={questions[point.path]}
                  people={people as Person[]}
                  given={values[point.path]}
                  onChange={(value) => change(point, value)}
                />
              )}
              {point.before !== undefined && point.before !== null && !(point.path in values) && (
                <button
                  type="button"
                  className="min-h-11 cursor-pointer font-semibold text-primary"
                  onClick={() => change(point, point.before, true)}
                >
                  {t('fix.asItIs')}
                </button>
              )}
              <TextField
                label={t('fix.note')}
                value={notes[point.path] ?? ''}
                onChange={(note) => keep({ ...begun, notes: { ...notes, [point.path]: note } })}
              />
              {isAbout(answer.error, point.path) && <Problem of={answer.error} />}
            </section>
          ),
        )}
        {!points.some((point) => isAbout(answer.error, point.path)) && <Problem of={answer.error} />}
        <Press type="submit" className="btn btn-primary h-auto min-h-12 px-5" busy={answer.isPending}>
          {t('fix.handIn')}
        </Press>
        {open.some((point) => !(point.path in values)) && open.length > 1 && (
          <p className="quiet">{t('fix.restLater')}</p>
        )}
      </form>
    </Page>
  );
}
