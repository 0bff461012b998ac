import type { FormEvent } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { LongTextField } from '../components/Field';
import { useKept } from '../components/kept';
import { Problem } from '../components/Problem';
import { momentText } from '../i18n';

type Props = {
  /** The claim they are about; what is being written to it is kept until it is sent. */
  claim: string;
  messages: Schemas['Message'][];
  /** Whether the reader is of the agency. */
  staff: boolean;
  /** Whether the reader may write here now. */
  canWrite: boolean;
  busy: boolean;
  problem: unknown;
  onWrite: (body: string, done: () => void) => void;
};

/** Messages of both sides in their order, and a field to write the next. */
export function Conversation({ claim, messages, staff, canWrite, busy, problem, onWrite }: Props) {
  const { t } = useTranslation();
  const [body = '', setBody] = useKept<string>(`message/${claim}`);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onWrite(body, () => setBody(undefined));
  };
  return (
    <>
      {messages.length === 0 && <p className="quiet">{t('messages.none')}</p>}
      <ol className="space-y-3">
        {messages.map((message) => {
          const mine = message.fromStaff === staff;
          return (
            <li
              key={message.id}
              className={`max-w-prose border-s-4 bg-base-100 px-4 py-2 ${mine ? 'ms-8 border-s-base-300' : 'border-s-primary'}`}
            >
              <p className="quiet text-sm">
                {message.author} · {momentText(message.at)}
                {mine && message.readAt && ` · ${t('messages.read')}`}
              </p>
              <p className="whitespace-pre-wrap">{message.body}</p>
            </li>
          );
        })}
      </ol>
      {canWrite ? (
        <form onSubmit={submit} className="mt-4 max-w-prose space-y-3">
          <LongTextField
            label={staff ? t('messages.toApplicant') : t('messages.toCaseworker')}
            rows={3}
            value={body}
            onChange={setBody}
          />
          <Problem of={problem} />
          <button
            type="submit"
            className="btn btn-primary h-auto min-h-11"
            disabled={busy || body.trim() === ''}
          >
            {t('messages.send')}
          </button>
        </form>
      ) : (
        <p className="quiet mt-4 max-w-prose">{t(staff ? 'messages.notYours' : 'messages.closed')}</p>
      )}
    </>
  );
}
