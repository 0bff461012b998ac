import { useState } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import { useSessionChange } from '../api/session';
import { TextField } from '../components/Field';
import { Press } from '../components/Press';
import { Problem } from '../components/Problem';

/** Over the page when the session ended: signing in again goes on where one was, and what was typed is still there. */
export function SignInAgain({ email }: { email: string }) {
  const { t } = useTranslation();
  const { signInAgain } = useSessionChange();
  const [password, setPassword] = useState('');
  return (
    <ModalOverlay
      isOpen
      className="fixed inset-0 z-40 flex items-start justify-center overflow-auto bg-base-content/40 p-4 pt-24"
    >
      <Modal className="sheet w-full max-w-md p-6">
        <Dialog>
          <form
            className="space-y-4"
            onSubmit={(event) => {
              event.preventDefault();
              signInAgain.mutate({ email, password }, { onSuccess: () => setPassword('') });
            }}
          >
            <Heading slot="title" className="text-2xl">
              {t('ended.title')}
            </Heading>
            <p>{t('ended.words', { email })}</p>
            <TextField
              label={t('account.password')}
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={setPassword}
            />
            <Problem of={signInAgain.error} />
            <Press
              type="submit"
              className="btn btn-primary h-auto min-h-12 w-full"
              busy={signInAgain.isPending}
            >
              {t('signIn')}
            </Press>
            <a href="/sign-in" className="inline-flex min-h-11 items-center">
              {t('ended.other')}
            </a>
          </form>
        </Dialog>
      </Modal>
    </ModalOverlay>
  );
}
