import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { useKept } from '../../components/kept';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { FactField } from '../../facts/FactField';
import { FaultList, FaultsAtFields } from '../../facts/Faults';
import { faultsOf } from '../../facts/faultsOf';
import type { Asked, Given } from '../../facts/shapes';
import { useLedToFirst } from '../../facts/useLedToFirst';
import PaintDays from '../../plan/PaintDays';
import { EndEarlier } from './EndEarlier';

type Days = Schemas['MyDays'];

/** What was painted and not saved yet, and on which edition. */
type Unsaved = { edition: number; answers: Given };

/** The days of one's claim: as they were said, and said anew as long as it is not decided. */
export function DaysScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const days = useQuery({
    queryKey: ['my-days', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/days', { params: { path: { id: claim } } })),
  });
  return (
    <Page title={t('days.title')}>
      <BackToMine />
      <h1 className="mt-1 text-3xl">{t('days.title')}</h1>
      <Problem of={days.error} />
      {days.data?.canEndEarlier && (
        <div className="mt-3 max-w-3xl">
          <EndEarlier claim={claim} />
        </div>
      )}
      {days.data && <ChangeDays claim={claim} days={days.data} />}
    </Page>
  );
}

function ChangeDays({ claim, days }: { claim: string; days: Days }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [kept, keep] = useKept<Unsaved>(`days/${claim}`);
  const [looked, setLooked] = useState(false);
  const said = days.answers as Given;
  const answers = kept?.edition === days.edition ? kept.answers : said;
  const isChanged = JSON.stringify(answers) !== JSON.stringify(said);
  const path = { id: claim };
  const would = useQuery({
    queryKey: ['days-plan', claim, answers],
    queryFn: ({ signal }) =>
      take(api.POST('/api/my/claims/{id}/days/plan', { params: { path }, body: { answers }, signal })),
    enabled: isChanged,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const save = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/my/claims/{id}/days', { params: { path }, body: { edition: days.edition, answers } }),
      ),
    onSuccess: (now) => {
      keep(undefined);
      queries.setQueryData(['my-days', claim], now);
      void queries.invalidateQueries({ queryKey: ['my'] });
    },
  });
  const plan = isChanged ? would.data?.plan : days.plan;
  const questions = days.questions as Asked[];
  const faults = faultsOf(days.questions, answers);
  const leadTo = useLedToFirst();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setLooked(true);
    if (faults.length === 0) save.mutate();
    else leadTo(faults);
  };
  const change = (now: Given) => keep({ edition: days.edition, answers: now });
  return (
    <form noValidate onSubmit={submit} className="mt-3 max-w-3xl pb-16">
      <p className="mb-4 max-w-prose">
        {t(days.canChange ? 'days.intro' : days.canEndEarlier ? 'days.over' : 'days.closed', {
          number: days.number,
        })}
      </p>
      <FaultList faults={looked ? faults : []} />
      <PaintDays
        facts={days.facts}
        holidays={plan?.holidays ?? []}
        questions={questions}
        answers={answers}
        onChange={change}
        plan={plan}
        supposing={[]}
        supposed={{}}
        onSuppose={() => undefined}
      />
      {isChanged && days.plan && plan && (
        <table className="sheet mb-4 w-full" aria-live="polite">
          <tbody>
            <Compared label={t('days.before')} plan={days.plan} />
            <Compared label={t('days.now')} plan={plan} />
          </tbody>
        </table>
      )}
      <FaultsAtFields faults={looked ? faults : []}>
        {questions.map((question) => (
          <div key={question.path} className="sheet mb-4 p-5 empty:hidden">
            <FactField asked={question} record={answers} onChange={change} />
          </div>
        ))}
      </FaultsAtFields>
      <Problem of={save.error ?? would.error} />
      {save.isSuccess && !isChanged && (
        <p role="status" className="mb-3 font-semibold text-success">
          {t('days.saved')}
        </p>
      )}
      {days.canChange && (
        <Press
          type="submit"
          className="btn btn-primary h-auto min-h-12 px-5"
          busy={save.isPending}
          disabled={!isChanged}
        >
          {t('days.save')}
        </Press>
      )}
    </form>
  );
}

function Compared({ label, plan }: { label: string; plan: Schemas['Plan'] }) {
  return (
    <tr className="border-b border-base-300 last:border-b-0">
      <th scope="row" className="px-5 py-2 font-normal">
        {label}
      </th>
      <td className="px-5 py-2 text-end font-semibold">{plan.headline}</td>
    </tr>
  );
}
