import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** Did you file this? Yes, with papers; or it was not me, which needs none. */
export function IdentityAnswerScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['my-doubt', claim];
  const asked = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/doubt', { params: { path } })),
  });
  const changed = () => {
    void queries.invalidateQueries({ queryKey: key });
    void queries.invalidateQueries({ queryKey: ['my'] });
  };
  const answer = useMutation({
    mutationFn: (filed: boolean) =>
      take(api.POST('/api/my/claims/{id}/doubt', { params: { path }, body: { filed } })),
    onSuccess: changed,
  });
  const [why, setWhy] = useState('');
  const [sure, setSure] = useState(false);
  const later = useMutation({
    mutationFn: () =>
      take(api.POST('/api/my/claims/{id}/doubt/more-time', { params: { path }, body: { days: 10, why } })),
    onSuccess: changed,
  });
  const doubt = asked.data?.doubt;
  return (
    <Page title={t('doubt.title')}>
      <p>
        <Link to="/my">{t('papers.back')}</Link>
      </p>
      <h1 className="mt-1 text-3xl">{t('doubt.title')}</h1>
      <Problem of={asked.error ?? answer.error ?? later.error} />
      {!doubt && asked.data && <p className="mt-3">{t('doubt.nothing')}</p>}
      {doubt && doubt.state !== 'ASKED' && <p className="mt-3 text-lg">{t(`doubt.mine.${doubt.state}`)}</p>}
      {doubt?.state === 'ASKED' && (
        <div className="mt-4 max-w-3xl space-y-5">
          <p>{t('doubt.intro', { number: asked.data?.number ?? '' })}</p>
          <p className="border-l-4 border-l-warning bg-base-100 px-4 py-2">{doubt.why}</p>
          <p className="font-semibold text-warning">
            <span aria-hidden="true">◈ </span>
            {t('doubt.until', { date: dateText(doubt.dueOn) })}
          </p>
          <section className="sheet p-5">
            <h2 className="text-xl">{t('doubt.yes')}</h2>
            <p className="mt-1 mb-3">{t('doubt.yesIntro')}</p>
            <div className="flex flex-wrap gap-4">
              <Link to={`/my/${claim}/papers`} className="btn btn-outline btn-primary h-12">
                {t('doubt.papers')}
              </Link>
              <button
                type="button"
                className="btn btn-primary h-12"
                disabled={answer.isPending}
                onClick={() => answer.mutate(true)}
              >
                {t('doubt.filed')}
              </button>
            </div>
          </section>
          <section className="sheet p-5">
            <h2 className="text-xl">{t('doubt.no')}</h2>
            <p className="mt-1 mb-3">{t('doubt.noIntro')}</p>
            <button
              type="button"
              className="btn btn-outline btn-error h-12"
              disabled={answer.isPending}
              onClick={() => (sure ? answer.mutate(false) : setSure(true))}
            >
              {sure ? t('doubt.sure') : t('doubt.notMe')}
            </button>
          </section>
          {doubt.mayAskForTime && (
            <details>
              <summary className="min-h-11 cursor-pointer font-semibold text-primary">
                {t('time.need')}
              </summary>
              <form
                className="sheet mt-2 space-y-3 p-4"
                onSubmit={(event) => {
                  event.preventDefault();
                  later.mutate();
                }}
              >
                <TextField label={t('time.why')} value={why} onChange={setWhy} />
                <button type="submit" className="btn btn-outline btn-primary h-11" disabled={later.isPending}>
                  {t('doubt.tenDays')}
                </button>
              </form>
            </details>
          )}
        </div>
      )}
    </Page>
  );
}
