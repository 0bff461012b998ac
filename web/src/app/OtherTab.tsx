import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { useTranslation } from 'react-i18next';

/** Over the page when somebody else signed in in another tab of this browser: nothing can be done here in their name. */
export function OtherTab({ whose }: { whose: string }) {
  const { t } = useTranslation();
  return (
    <ModalOverlay
      isOpen
      className="fixed inset-0 z-40 flex items-start justify-center overflow-auto bg-base-content/40 p-4 pt-24"
    >
      <Modal className="sheet w-full max-w-md p-6">
        <Dialog className="space-y-4">
          <Heading slot="title" className="text-2xl">
            {t('otherTab.title')}
          </Heading>
          <p>{t('otherTab.words', { whose })}</p>
          <a href="/" className="btn btn-primary h-auto min-h-12 w-full">
            {t('otherTab.goOn')}
          </a>
        </Dialog>
      </Modal>
    </ModalOverlay>
  );
}
