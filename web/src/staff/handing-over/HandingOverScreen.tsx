import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import { api, take } from '../../api/client';
import { useSession } from '../../api/session';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Counter } from './Counter';
import { Pieces } from './Pieces';
import { PostOfDay } from './PostOfDay';

/** The counter and the post room: what is fetched, what goes out today, what came back, what waits. */
export function HandingOverScreen() {
  const { t } = useTranslation();
  const { number = '' } = useParams();
  const go = useNavigate();
  const [typed, setTyped] = useState('');
  const mayWork = useSession().data?.role !== 'AUDITOR';
  const work = useQuery({ queryKey: ['handovers'], queryFn: () => take(api.GET('/api/handovers')) });
  const expected = useQuery({
    queryKey: ['at-counter', number],
    queryFn: () => take(api.GET('/api/handovers/{number}', { params: { path: { number } } })),
    enabled: number !== '',
    retry: false,
  });
  const find = (event: FormEvent) => {
    event.preventDefault();
    if (typed.trim()) void go(`/handing-over/${encodeURIComponent(typed.trim())}`);
    setTyped('');
  };
  return (
    <Page title={t('handover.title')} wide>
      <div className="mx-auto grid max-w-[80rem] grid-cols-1 gap-x-8 gap-y-6 px-5 py-6 lg:grid-cols-[26rem_minmax(0,1fr)]">
        <div>
          <h1 className="text-3xl">{t('handover.title')}</h1>
          <form className="sheet mt-4 space-y-3 p-4" onSubmit={find}>
            <TextField
              label={t('handover.number')}
              hint={t('handover.numberHint')}
              value={typed}
              onChange={setTyped}
            />
            <button type="submit" className="btn btn-primary">
              {t('handover.find')}
            </button>
          </form>
          {mayWork && (
            <p className="mt-3">
              <Link to="/counter-account" className="alone">
                {t('counter.start')}
              </Link>
            </p>
          )}
          <div aria-live="polite">
            <Problem of={expected.error} />
            {expected.data && <Counter key={number} expected={expected.data} mayWork={mayWork} />}
          </div>
        </div>
        <div className="space-y-6">
          <Problem of={work.error} />
          {work.data && (
            <>
              <PostOfDay today={work.data.today} pieces={work.data.post} mayWork={mayWork} />
              <Pieces kind="returned" pieces={work.data.returned} />
              <Pieces kind="waiting" pieces={work.data.waiting} />
            </>
          )}
        </div>
      </div>
    </Page>
  );
}
