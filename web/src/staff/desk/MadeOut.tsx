import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useHandoverText } from '../../claim/handover';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';
import { dateText } from '../../i18n';

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
  const panel = useOpened<HTMLFormElement>(onClose);
  const [reason, setReason] = useState('');
  const anew = useMutation({
    mutationFn: () =>
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
  const submit = (event: FormEvent) => {
    event.preventDefault();
    anew.mutate();
  };
  const missing = isAbout(anew.error, 'reason') ? (anew.error?.message ?? null) : null;
  return (
    <form
      ref={panel}
      className="mt-2 space-y-3 border-s-4 border-s-primary bg-base-200/60 p-3"
      onSubmit={submit}
    >
      <h3 className="font-bold">{t('handover.anewTitle')}</h3>
      <p>{t('handover.anewWords', { number: made.number })}</p>
      {!missing && <Problem of={anew.error} />}
      <TextField
        label={t('handover.anewWhy')}
        hint={t('handover.anewWhyHint')}
        value={reason}
        onChange={setReason}
        error={missing}
      />
      <div className="flex gap-5">
        <Press type="submit" className="btn btn-sm btn-primary" busy={anew.isPending}>
          {t('handover.anew')}
        </Press>
        <button type="button" className="min-h-9 cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
    </form>
  );
}
