import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { SharedNet } from '../../claim/SharedNet';
import { TextField } from '../../components/Field';
import { Problem } from '../../components/Problem';

/** The net of a case; claims in it can be chosen and their people asked at once, after a look at what it costs them. */
export function AskMany({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const [chosen, setChosen] = useState<string[]>([]);
  const [why, setWhy] = useState('');
  const view = useQuery({
    queryKey: ['signals', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/signals', { params: { path: { id: claim } } })),
  });
  const preview = useQuery({
    queryKey: ['ask-preview', chosen],
    queryFn: () => take(api.POST('/api/misuse/ask/preview', { body: { claims: chosen } })),
    enabled: chosen.length > 0,
  });
  const ask = useMutation({
    mutationFn: () => take(api.POST('/api/misuse/ask', { body: { claims: chosen, why } })),
    onSuccess: () => setChosen([]),
  });
  if (!view.data || view.data.claims.length < 2) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-8 cursor-pointer font-semibold text-primary">{t('misuse.net')}</summary>
      <SharedNet
        view={view.data}
        chosen={chosen}
        onChoose={(other, now) =>
          setChosen((before) => (now ? [...before, other] : before.filter((each) => each !== other)))
        }
      />
      <Problem of={view.error ?? preview.error ?? ask.error} />
      {ask.isSuccess && chosen.length === 0 && (
        <p className="mt-2 text-success" role="status">
          {t('misuse.asked', { count: ask.data.filter((each) => each.may).length })}
        </p>
      )}
      {chosen.length > 0 && (
        <form
          className="mt-3 max-w-3xl space-y-2 border-s-4 border-s-warning ps-3"
          onSubmit={(event) => {
            event.preventDefault();
            ask.mutate();
          }}
        >
          <h4 className="!font-sans text-sm font-semibold">{t('misuse.preview')}</h4>
          <ul>
            {preview.data?.map((each) => (
              <li key={each.claim} className={each.may ? '' : 'quiet'}>
                <b>{each.name}</b> {each.number}: {each.costs}
              </li>
            ))}
          </ul>
          <TextField label={t('misuse.why')} hint={t('misuse.whyHint')} value={why} onChange={setWhy} />
          <button
            type="submit"
            className="btn btn-primary h-auto min-h-9 "
            disabled={!why.trim() || ask.isPending || !preview.data?.some((each) => each.may)}
          >
            {t('misuse.askAll', { count: preview.data?.filter((each) => each.may).length ?? 0 })}
          </button>
        </form>
      )}
    </details>
  );
}
