import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Press } from '../../components/Press';
import { useOpened } from '../../components/useOpened';

type Props = {
  to: Schemas['Colleague'];
  busy: boolean;
  onDo: (to: string) => void;
  onClose: () => void;
};

/** Asks once before a claim goes to someone else's desk. */
export function HandOver({ to, busy, onDo, onClose }: Props) {
  const { t } = useTranslation();
  const panel = useOpened<HTMLElement>(onClose);
  return (
    <section ref={panel} className="border-b-2 border-primary bg-base-200/60 p-4" aria-labelledby="hand-over">
      <h2 id="hand-over" className="text-lg">
        {t('desk.handOverTo', { name: to.name })}
      </h2>
      <p className="mt-1">{t('desk.handOverWords', { name: to.name })}</p>
      <div className="mt-3 flex flex-wrap gap-5">
        <Press className="btn btn-primary h-auto min-h-9 " busy={busy} onClick={() => onDo(to.id)}>
          {t('desk.handOverDo')}
        </Press>
        <button type="button" className="min-h-9 cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
    </section>
  );
}
