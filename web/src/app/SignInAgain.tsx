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
  const { signInAgain, giveCodeAgain } = useSessionChange();
  const [typed, setTyped] = useState('');
  const step = signInAgain.data?.step;
  const give = () => {
    const emptied = { onSuccess: () => setTyped('') };
    if (step) giveCodeAgain.mutate(typed, emptied);
    else signInAgain.mutate({ email, password: typed }, emptied);
  };
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
              give();
            }}
          >
            <Heading slot="title" className="text-2xl">
              {t('ended.title')}
            </Heading>
            <p>
              {step
                ? t(`step.words.${step.kind ?? 'APP'}`, { where: step.where })
                : t('ended.words', { email })}
            </p>
            <TextField
              key={step ? 'code' : 'password'}
              label={t(step ? 'step.code' : 'account.password')}
              type={step ? 'text' : 'password'}
              autoComplete={step ? 'one-time-code' : 'current-password'}
              value={typed}
              onChange={setTyped}
            />
            {step?.shown && <p className="text-sm">{t('step.demoShown', { code: step.shown })}</p>}
            <Problem of={signInAgain.error ?? giveCodeAgain.error} />
            <Press
              type="submit"
              className="btn btn-primary h-auto min-h-12 w-full"
              busy={signInAgain.isPending || giveCodeAgain.isPending}
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
