import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { useHandoverText } from '../../claim/handover';
import { dateText } from '../../i18n';
import { WithReason } from './WithReason';

type Props = { claim: string; made: Schemas['MadeOut']; mayWrite: boolean };

/** A document that was made out: how it stands, where it is, and making it out anew. */
export function MadeOut({ claim, made, mayWrite }: Props) {
  const { t } = useTranslation();
  const text = useHandoverText(false);
  const [doing, setDoing] = useState<'anew' | 'revoke'>();
  const maySupervise = useSession().data?.role === 'SUPERVISOR';
  const stands = made.state === 'STANDS';
  return (
    <div>
      <p>
        <a href={`/api/claims/${claim}/documents/${made.id}`} target="_blank" rel="noreferrer">
          {made.title} {made.number}
        </a>{' '}
        · {t(`check.state.${made.state}`)} · {t('check.until')} {dateText(made.validUntil)}
      </p>
      {made.handover && made.state !== 'REPLACED' && made.state !== 'REVOKED' && (
        <p className="mt-1">
          {text(made.handover)}{' '}
          {made.handover.state !== 'GIVEN' && made.handover.state !== 'DESTROYED' && (
            <Link to={`/handing-over/${made.number}`}>{t('nav.handingOver')}</Link>
          )}
        </p>
      )}
      {made.revoked && (
        <p className="mt-1">
          {t('revoke.was', { date: dateText(made.revoked.on ?? ''), why: made.revoked.why })}
        </p>
      )}
      {stands && !doing && (
        <div className="flex flex-wrap gap-5">
          {mayWrite && (
            <button
              type="button"
              className="min-h-9 cursor-pointer font-semibold text-primary"
              onClick={() => setDoing('anew')}
            >
              {t('handover.anew')}
            </button>
          )}
          {maySupervise && (
            <button
              type="button"
              className="min-h-9 cursor-pointer font-semibold text-error"
              onClick={() => setDoing('revoke')}
            >
              {t('revoke.do')}
            </button>
          )}
        </div>
      )}
      {doing === 'anew' && <Anew claim={claim} made={made} onClose={() => setDoing(undefined)} />}
      {doing === 'revoke' && <Revoke claim={claim} made={made} onClose={() => setDoing(undefined)} />}
    </div>
  );
}

type DeedProps = { claim: string; made: Schemas['MadeOut']; onClose: () => void };

function Anew({ claim, made, onClose }: DeedProps) {
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

function Revoke({ claim, made, onClose }: DeedProps) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const revoke = useMutation({
    mutationFn: (reason: string) =>
      take(
        api.POST('/api/claims/{id}/documents/{document}/revoke', {
          params: { path: { id: claim, document: made.id } },
          body: { reason },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['documents-of', claim] });
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
      onClose();
    },
  });
  return (
    <WithReason
      title={t('revoke.title')}
      words={t('revoke.words', { number: made.number })}
      label={t('revoke.why')}
      hint={t('revoke.whyHint')}
      doIt={t('revoke.do')}
      busy={revoke.isPending}
      error={revoke.error}
      onDo={revoke.mutate}
      onClose={onClose}
    />
  );
}
