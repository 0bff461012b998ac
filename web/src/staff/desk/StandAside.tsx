import { useTranslation } from 'react-i18next';
import { Press } from '../../components/Press';
import { useOpened } from '../../components/useOpened';

type Props = { busy: boolean; onDo: () => void; onClose: () => void };

/** Asks once before someone who knows the people of a claim leaves it to others. */
export function StandAside({ busy, onDo, onClose }: Props) {
  const { t } = useTranslation();
  // it cannot be taken back, so Enter alone does not do it
  const panel = useOpened<HTMLElement>(onClose, '[data-first]');
  return (
    <section
      ref={panel}
      className="border-b-2 border-primary bg-base-200/60 p-4"
      aria-labelledby="stand-aside"
    >
      <h2 id="stand-aside" className="text-lg">
        {t('desk.standAside')}
      </h2>
      <p className="mt-1 max-w-2xl">{t('desk.standAsideWords')}</p>
      <div className="mt-3 flex flex-wrap gap-5">
        <Press className="btn btn-primary h-auto min-h-9 " busy={busy} onClick={onDo}>
          {t('desk.standAsideDo')}
        </Press>
        <button
          type="button"
          data-first
          className="min-h-9 cursor-pointer font-semibold text-primary"
          onClick={onClose}
        >
          {t('desk.close')}
        </button>
      </div>
    </section>
  );
}
