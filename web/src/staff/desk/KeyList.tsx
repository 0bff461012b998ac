import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import { DESK_KEYS } from './useDeskKeys';

const KEYS = Object.keys(DESK_KEYS) as (keyof typeof DESK_KEYS)[];

/** All keys of the desk, with what each does; Escape closes it. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  return (
    <ModalOverlay
      isOpen
      isDismissable
      onOpenChange={(open) => !open && onClose()}
      className="fixed inset-0 z-30 flex items-start justify-center bg-base-content/25 pt-24"
    >
      <Modal className="sheet dense w-[35rem] max-w-[94vw] p-5">
        <Dialog>
          <div className="flex">
            <Heading slot="title" className="flex-1 text-lg">
              {t('keys.title')}
            </Heading>
            <button type="button" className="cursor-pointer font-semibold text-primary" onClick={onClose}>
              {t('desk.close')}
            </button>
          </div>
          <dl className="mt-2 grid grid-cols-2 gap-x-6 gap-y-1">
            {KEYS.map((key) => (
              <div key={key} className="flex gap-3">
                <dt className="key w-6 text-center">{key}</dt>
                <dd>{t(`keys.${key}`)}</dd>
              </div>
            ))}
          </dl>
        </Dialog>
      </Modal>
    </ModalOverlay>
  );
}
