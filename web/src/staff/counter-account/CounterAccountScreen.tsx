import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

/** Starts an account for someone at the counter who has no e-mail, and prints what they take home. */
export function CounterAccountScreen() {
  const { t } = useTranslation();
  const start = useMutation({
    mutationFn: (displayName: string) => take(api.POST('/api/counter/accounts', { body: { displayName } })),
  });
  const anew = useMutation({
    mutationFn: (signInName: string) =>
      take(api.POST('/api/counter/accounts/anew', { body: { signInName } })),
  });
  const paper = start.data ?? anew.data;
  const clear = () => {
    start.reset();
    anew.reset();
  };
  return (
    <Page title={t('counter.title')}>
      <div className="print:hidden">
        <h1 className="text-3xl">{t('counter.title')}</h1>
        <p className="mt-1 max-w-2xl">{t('counter.intro')}</p>
      </div>
      {paper ? (
        <Paper paper={paper} onNext={clear} />
      ) : (
        <div className="mt-5 grid items-start gap-6 lg:grid-cols-2">
          <One
            title={t('counter.title')}
            label={t('counter.name')}
            path="displayName"
            go={t('counter.go')}
            problem={start.error}
            busy={start.isPending}
            onGo={start.mutate}
          />
          <One
            title={t('counter.againTitle')}
            label={t('counter.again')}
            hint={t('counter.againHint')}
            path="signInName"
            go={t('counter.newCode')}
            problem={anew.error}
            busy={anew.isPending}
            onGo={anew.mutate}
          />
        </div>
      )}
    </Page>
  );
}

type OneProps = {
  title: string;
  label: string;
  hint?: string;
  path: string;
  go: string;
  problem: Error | null;
  busy: boolean;
  onGo: (typed: string) => void;
};

function One({ title, label, hint = '', path, go, problem, busy, onGo }: OneProps) {
  const { control, handleSubmit } = useForm({ defaultValues: { typed: '' } });
  return (
    <form className="sheet space-y-3 p-5" onSubmit={handleSubmit(({ typed }) => onGo(typed))} noValidate>
      <h2 className="text-xl">{title}</h2>
      <FormText
        control={control}
        name="typed"
        label={label}
        hint={hint}
        path={path}
        problem={problem}
        required
      />
      {!isAbout(problem, path) && <Problem of={problem} />}
      <Press type="submit" className="btn btn-primary" busy={busy}>
        {go}
      </Press>
    </form>
  );
}

function Paper({ paper, onNext }: { paper: Schemas['PaperForHolder']; onNext: () => void }) {
  const { t } = useTranslation();
  return (
    <section className="sheet mt-5 max-w-2xl p-6" aria-live="polite">
      <p className="quiet">{t('agency')}</p>
      <h2 className="text-2xl">{t('counter.paper', { name: paper.name })}</h2>
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2 text-lg">
        <dt className="quiet">{t('counter.signInName')}</dt>
        <dd>
          <b>{paper.signInName}</b>
        </dd>
        <dt className="quiet">{t('counter.code')}</dt>
        <dd className="tabular-nums">
          <b>{paper.code}</b>
        </dd>
      </dl>
      <p className="mt-4">{t('counter.how', { page: paper.page, days: paper.days })}</p>
      <p className="mt-3">{t('counter.scan')}</p>
      <img src={paper.picture} alt={t('counter.picture')} className="mt-2 w-40 bg-white" />
      <p className="mt-4 font-semibold">{t('counter.keep')}</p>
      <div className="mt-5 flex flex-wrap gap-5 print:hidden">
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          {t('counter.print')}
        </button>
        <button type="button" className="min-h-9 cursor-pointer font-semibold text-primary" onClick={onNext}>
          {t('counter.next')}
        </button>
      </div>
    </section>
  );
}
