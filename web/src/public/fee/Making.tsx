import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';

const LINK = 'min-h-11 cursor-pointer font-semibold text-primary';

/** What is paid for and being made out: until it is there, it can be given up. */
export function Making({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const [asked, setAsked] = useState(false);
  return (
    <section className="sheet mt-4 max-w-2xl p-5" aria-live="polite">
      <p>{t('fee.making')}</p>
      {asked ? (
        <GiveUp claim={claim} onClose={() => setAsked(false)} />
      ) : (
        <button type="button" className={LINK} onClick={() => setAsked(true)}>
          {t('fee.giveUp')}
        </button>
      )}
    </section>
  );
}

function GiveUp({ claim, onClose }: { claim: string; onClose: () => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const panel = useOpened<HTMLDivElement>(onClose);
  const giveUp = useMutation({
    mutationFn: () =>
      take(api.POST('/api/my/claims/{id}/documents/give-up', { params: { path: { id: claim } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ['fee', claim] }),
  });
  return (
    <div ref={panel} className="mt-2">
      <h2 className="text-xl">{t('fee.giveUpTitle')}</h2>
      <p className="mt-1">{t('fee.giveUpWhat')}</p>
      <Problem of={giveUp.error} />
      <div className="mt-3 flex flex-wrap gap-5">
        <Press
          type="button"
          className="btn btn-primary h-auto min-h-12"
          busy={giveUp.isPending}
          onClick={() => giveUp.mutate()}
        >
          {t('fee.giveUpYes')}
        </Press>
        <button type="button" className={LINK} onClick={onClose}>
          {t('fee.giveUpNo')}
        </button>
      </div>
    </div>
  );
}
