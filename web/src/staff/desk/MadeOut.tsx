import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useHandoverText } from '../../claim/handover';
import { dateText } from '../../i18n';
import { WithReason } from './WithReason';

type Props = { claim: string; made: Schemas['MadeOut']; mayWrite: boolean };

/** A document that was made out: how it stands, where it is, and making it out anew. */
export function MadeOut({ claim, made, mayWrite }: Props) {
  const { t } = useTranslation();
  const text = useHandoverText(false);
  const [anew, setAnew] = useState(false);
  const stands = made.state === 'STANDS';
  return (
    <div>
      <p>
        <a href={`/api/claims/${claim}/documents/${made.id}`} target="_blank" rel="noreferrer">
          {made.title} {made.number}
        </a>{' '}
        · {t(`check.state.${made.state}`)} · {t('check.until')} {dateText(made.validUntil)}
      </p>
      {made.handover && made.state !== 'REPLACED' && (
        <p className="mt-1">
          {text(made.handover)}{' '}
          {made.handover.state !== 'GIVEN' && made.handover.state !== 'DESTROYED' && (
            <Link to={`/handing-over/${made.number}`}>{t('nav.handingOver')}</Link>
          )}
        </p>
      )}
      {stands && mayWrite && !anew && (
        <button
          type="button"
          className="min-h-9 cursor-pointer font-semibold text-primary"
          onClick={() => setAnew(true)}
        >
          {t('handover.anew')}
        </button>
      )}
      {anew && <Anew claim={claim} made={made} onClose={() => setAnew(false)} />}
    </div>
  );
}

function Anew({ claim, made, onClose }: { claim: string; made: Schemas['MadeOut']; onClose: () => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const anew = useMutation({
    mutationFn: (reason: string) =>
      take(
        api.POST('/api/claims/{id}/documents/{document}/anew', {
          params: { path: { id: claim, document: made.id } },
          body: { reason },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(['documents-of', claim], now);
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
      onClose();
    },
  });
  return (
    <WithReason
      title={t('handover.anewTitle')}
      words={t('handover.anewWords', { number: made.number })}
      label={t('handover.anewWhy')}
      hint={t('handover.anewWhyHint')}
      doIt={t('handover.anew')}
      busy={anew.isPending}
      error={anew.error}
      onDo={anew.mutate}
      onClose={onClose}
    />
  );
}
