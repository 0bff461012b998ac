import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { WithReason } from './WithReason';

/** What is paid for and not made out yet: it can be given up for whoever asked for it. */
export function StillToMake({ claim, mayWrite }: { claim: string; mayWrite: boolean }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [isOpen, setOpen] = useState(false);
  const giveUp = useMutation({
    mutationFn: (reason: string) =>
      take(
        api.POST('/api/claims/{id}/documents/give-up', {
          params: { path: { id: claim } },
          body: { reason },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['fee-of', claim] });
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
      setOpen(false);
    },
  });
  return (
    <div>
      <p>{t('fee.notMade')}</p>
      {mayWrite && !isOpen && (
        <button
          type="button"
          className="min-h-9 cursor-pointer font-semibold text-primary"
          onClick={() => setOpen(true)}
        >
          {t('fee.giveUpYes')}
        </button>
      )}
      {isOpen && (
        <WithReason
          title={t('fee.giveUpTitle')}
          words={t('fee.giveUpWhat')}
          label={t('handover.anewWhy')}
          hint={t('fee.giveUpWhyHint')}
          doIt={t('fee.giveUpYes')}
          busy={giveUp.isPending}
          error={giveUp.error}
          onDo={giveUp.mutate}
          onClose={() => setOpen(false)}
        />
      )}
    </div>
  );
}
