import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { useLocation } from 'react-router';
import type { Schemas } from '../../api/client';
import { useKept } from '../../components/kept';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { Confirm } from './Confirm';
import { SayForm } from './SayForm';
import { SignForm } from './SignForm';
import { useLinkPage } from './useLinkPage';

/** As much of a link as tells it from others, and opens nothing. */
const NAMED = 8;

/** One page by a link of one's own: what is asked and why, the answer, a receipt. */
export function AnswerScreen() {
  const { t } = useTranslation();
  const token = useLocation().hash.slice(1);
  const { page, confirm, code, keep, answer } = useLinkPage(token);
  const now = page.data;
  const [here, setHere] = useKept<Schemas['Said']>(`answer/${token.slice(0, NAMED)}`);
  const isSent = now?.state === 'ANSWERED';
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was typed is let go once, when it was sent
  useEffect(() => {
    if (isSent) setHere(undefined);
  }, [isSent]);
  const over = now && (now.state === 'ANSWERED' || now.state === 'CLOSED' || now.state === 'OVER');
  const Form = now?.kind === 'SIGNATURE' ? SignForm : SayForm;
  return (
    <Page title={t('answer.title')}>
      <div className="mx-auto max-w-2xl space-y-5">
        <Problem of={page.error} />
        {now && over && (
          <section role="status">
            <h1 className="text-3xl">{t(`answer.state.${now.state as 'OVER'}`)}</h1>
            <p className="mt-3 text-lg">{now.receipt || t(`answer.told.${now.state as 'OVER'}`)}</p>
          </section>
        )}
        {now && !over && (
          <>
            <div>
              <h1 className="text-3xl">{now.title}</h1>
              <p className="mt-2 text-lg">{now.about || t('answer.open', { date: dateText(now.dueOn) })}</p>
              {now.about && (
                <p className="mt-2 font-semibold text-warning">
                  <span aria-hidden="true">◈ </span>
                  {t('answer.due', { date: dateText(now.dueOn) })} {now.then}
                </p>
              )}
              <p className="quiet mt-2">{t('answer.noAccount')}</p>
            </div>
            {now.state === 'CONFIRM' && <Confirm page={now} confirm={confirm} code={code} />}
            {now.state === 'OPEN' && (
              <Form
                page={now}
                answer={answer}
                begun={here ?? now.begun}
                onTyped={setHere}
                onKeep={keep.mutate}
                kept={keep.isSuccess}
              />
            )}
          </>
        )}
      </div>
    </Page>
  );
}
