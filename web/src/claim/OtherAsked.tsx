import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { FormText } from '../components/FormText';
import { Press } from '../components/Press';
import { isAbout, Problem } from '../components/Problem';
import { dateText } from '../i18n';

type Props = {
  other: Schemas['Other'];
  /** Whether whoever looks at it may send a link now. */
  may: boolean;
  /** Whether a link that was closed may be sent anew, and one whose day has passed. */
  anew?: boolean;
  busy: boolean;
  error: Error | null;
  sent: boolean;
  onSend: (reach: Schemas['ReachWish']) => void;
  onForm: () => void;
};

const WAYS = ['email', 'phone', 'personNumber'];

/** Someone else who is asked: what they owe, how far it is, and sending their link. How they are reached is not shown. */
export function OtherAsked({ other, may, anew = false, busy, error, sent, onSend, onForm }: Props) {
  const { t } = useTranslation();
  const isOpen = other.state === 'OPEN' || other.state === 'PARTLY';
  const canSend =
    may && (other.closed ? anew : isOpen || (anew && other.kind === 'SIGNATURE' && other.state === 'LAPSED'));
  const edge = isOpen
    ? 'border-s-warning'
    : other.state === 'ANSWERED'
      ? 'border-s-success'
      : 'border-s-error';
  return (
    <article className={`sheet border-s-4 p-4 ${edge}`}>
      <h2 className="text-lg first-letter:uppercase">{other.what}</h2>
      <p className={other.state === 'ANSWERED' ? 'text-success' : isOpen ? 'text-warning' : 'text-error'}>
        <span aria-hidden="true">{other.state === 'ANSWERED' ? '✓ ' : '◈ '}</span>
        {t(`others.state.${other.state}`, { date: dateText(other.dueOn) })}
      </p>
      {isOpen && (
        <p className="quiet text-sm">
          {other.closed
            ? t('others.closed')
            : other.sent
              ? `${t('others.sent', { when: other.sent })} ${t(other.opened ? 'others.opened' : 'others.notOpened', { when: other.opened })}`
              : other.lacks === 'WAY'
                ? t('others.unreachable', { date: dateText(other.dueOn) })
                : t('others.notSent')}
        </p>
      )}
      {isOpen && other.lacks === 'PROOF' && <p className="mt-1 text-warning">{t('others.noProof')}</p>}
      {sent && (
        <p role="status" className="mt-2 font-semibold text-success">
          {t('others.sentNow')}
        </p>
      )}
      {!WAYS.some((each) => isAbout(error, `contact/${each}`)) && <Problem of={error} />}
      <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 empty:hidden">
        {canSend && other.sent && other.lacks === 'NOTHING' && (
          <Press
            type="button"
            className="btn btn-outline btn-primary h-auto min-h-11"
            busy={busy}
            onClick={() => onSend({ email: '', phone: '', personNumber: '' })}
          >
            {t('others.remind')}
          </Press>
        )}
        {may && isOpen && (
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-primary"
            onClick={onForm}
          >
            {t('others.form')}
          </button>
        )}
      </div>
      {canSend && (
        <details className="mt-2" open={other.lacks !== 'NOTHING'}>
          <summary className="cursor-pointer py-2.5 font-semibold text-primary">
            {t(other.sent ? 'others.again' : 'others.send')}
          </summary>
          <Reach
            known={other.lacks !== 'WAY'}
            signs={other.kind === 'SIGNATURE'}
            busy={busy}
            error={error}
            onSend={onSend}
          />
        </details>
      )}
    </article>
  );
}

type ReachProps = { known: boolean; signs: boolean } & Pick<Props, 'busy' | 'error' | 'onSend'>;

function Reach({ known, signs, busy, error, onSend }: ReachProps) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '', phone: '', personNumber: '' } });
  const fields = [
    {
      name: 'email',
      inputMode: 'email',
      label: t('others.email'),
      hint: known ? t('others.keptHint') : null,
    },
    { name: 'phone', inputMode: 'tel', label: t('others.phone'), hint: t('others.phoneHint') },
    ...(signs
      ? [
          {
            name: 'personNumber',
            inputMode: 'numeric',
            label: t('others.number'),
            hint: t('others.numberHint'),
          },
        ]
      : []),
  ] as const;
  return (
    <form className="mt-2 space-y-3" onSubmit={handleSubmit(onSend)}>
      {fields.map((each) => (
        <FormText
          key={each.name}
          control={control}
          name={each.name as 'email'}
          label={each.label}
          hint={each.hint}
          problem={error}
          path={`contact/${each.name}`}
          inputMode={each.inputMode as 'tel'}
          autoComplete="off"
        />
      ))}
      <Press type="submit" className="btn btn-primary h-auto min-h-11" busy={busy}>
        {t('others.send')}
      </Press>
    </form>
  );
}
