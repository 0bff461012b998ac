import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { useOpened } from '../../components/useOpened';

type Props = { busy: boolean; onSettle: (reason: string) => void; onClose: () => void };

/** Settles in one step all that cannot change the outcome; the reason stands at each. */
export function SettleAll({ busy, onSettle, onClose }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState<string>(t('desk.settleAllReason'));
  const panel = useOpened<HTMLFormElement>(onClose);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onSettle(reason);
  };
  return (
    <form ref={panel} onSubmit={submit} className="space-y-3 border-b-2 border-primary bg-base-200/60 p-4">
      <h2 className="text-lg">{t('desk.settleAllTitle')}</h2>
      <p>{t('desk.settleAllIntro')}</p>
      <TextField label={t('desk.reason')} value={reason} onChange={setReason} />
      <div className="flex flex-wrap gap-5">
        <Press type="submit" className="btn btn-primary h-auto min-h-9 " busy={busy}>
          {t('desk.settleDo')}
        </Press>
        <button type="button" className="cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
    </form>
  );
}
