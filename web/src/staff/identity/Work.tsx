import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';

type Props = {
  grid: Schemas['IdentityGrid'];
  column: Schemas['GridColumn'];
  /** Where on its picture is what was marked. */
  at: Schemas['Box'] | undefined;
  sending: boolean;
  onSending: (sending: boolean) => void;
  onAccept: () => void;
  onSendBack: (wish: Schemas['SendDocumentBack']) => void;
};

/** What to do with the chosen document: accept it, or send it back with one of its faults or a word as the reason. */
export function Work({ grid, column, at, sending, onSending, onAccept, onSendBack }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState(column.faults[0] ?? '');
  const title = t(`who.type.${column.documentType as 'PASSPORT'}`, { defaultValue: column.documentType });
  if (!grid.mayWork || column.original || column.state === 'SENT_BACK') return null;
  if (sending)
    return (
      <form
        className="sheet mt-2 space-y-2 p-3"
        onSubmit={(event) => {
          event.preventDefault();
          onSendBack(at ? { paper: column.paper, reason, at } : { paper: column.paper, reason });
        }}
        onKeyDown={(event) => event.key === 'Escape' && onSending(false)}
      >
        {column.faults.length > 0 && (
          <p className="flex flex-wrap gap-2">
            {column.faults.map((fault) => (
              <button
                key={fault}
                type="button"
                className="btn btn-outline h-auto min-h-8 font-normal"
                aria-pressed={fault === reason}
                onClick={() => setReason(fault)}
              >
                {fault}
              </button>
            ))}
          </p>
        )}
        <TextField
          label={t('grid.why', { title })}
          hint={at ? t('grid.whyMarked') : t('grid.whyHint')}
          value={reason}
          onChange={setReason}
        />
        <div className="flex gap-3">
          <button type="submit" className="btn btn-primary h-auto min-h-9 " disabled={!reason.trim()}>
            {t('grid.sendBackDo')}
          </button>
          <button type="button" className="btn btn-ghost h-auto min-h-9 " onClick={() => onSending(false)}>
            {t('desk.close')}
          </button>
        </div>
      </form>
    );
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <button
        type="button"
        className="btn btn-primary h-auto min-h-9 "
        disabled={column.state === 'ACCEPTED' || column.beingRead}
        onClick={onAccept}
      >
        {t('grid.accept', { title })} <kbd className="key text-base-content">a</kbd>
      </button>
      <button
        type="button"
        className="btn btn-outline btn-primary h-auto min-h-9 "
        onClick={() => onSending(true)}
      >
        {t('grid.sendBack')} <kbd className="key">b</kbd>
      </button>
      <span className="quiet text-[0.8125rem]">{t('grid.keys')}</span>
    </div>
  );
}
