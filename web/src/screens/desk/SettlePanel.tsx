import { type FormEvent, useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Field, TextField } from '../../components/Field';
import { amountOf } from '../apply/answers';

type View = Schemas['Settle']['view'];
type Props = {
  fact: Schemas['Fact'];
  view: View;
  busy: boolean;
  onSettle: (wish: Omit<Schemas['Settle'], 'version'>) => void;
  onUndo: () => void;
  onClose: () => void;
};

/** Settles one fact on a view or a typed figure, with a reason. */
export function SettlePanel({ fact, view: first, busy, onSettle, onUndo, onClose }: Props) {
  const { t } = useTranslation();
  const [view, setView] = useState<View>(first === 'SHOWN' ? 'SAID' : first);
  const [typed, setTyped] = useState('');
  const [reason, setReason] = useState('');
  const panel = useRef<HTMLFormElement>(null);
  useEffect(() => panel.current?.querySelector('textarea')?.focus(), []);
  const choices: { view: View; text: string }[] = [
    { view: 'SAID', text: `${t('desk.said')}: ${fact.said?.text ?? ''}` },
  ];
  if (fact.onRecord?.value !== undefined && fact.onRecord?.value !== null)
    choices.push({ view: 'ON_RECORD', text: `${t('desk.record')}: ${fact.onRecord.text}` });
  if (fact.kind !== 'YES_NO') choices.push({ view: 'TYPED', text: t('desk.typed') });
  const value = () =>
    view === 'SAID'
      ? fact.said?.value
      : view === 'ON_RECORD'
        ? fact.onRecord?.value
        : typedValue(fact.kind, typed);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onSettle({ path: fact.path, view, value: value() ?? null, reason });
  };
  return (
    <form
      ref={panel}
      onSubmit={submit}
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
      className="space-y-3 border-b-2 border-primary bg-base-200/60 p-4"
    >
      <h2 className="text-lg">{t('desk.settleTitle', { fact: fact.label })}</h2>
      <fieldset>
        <legend className="mb-1">{t('desk.settleOn')}</legend>
        {choices.map((choice) => (
          <label key={choice.view} className="mr-6 inline-flex min-h-8 items-center gap-2">
            <input
              type="radio"
              name="view"
              className="radio radio-primary radio-sm"
              checked={view === choice.view}
              onChange={() => setView(choice.view)}
            />
            {choice.text}
          </label>
        ))}
      </fieldset>
      {view === 'TYPED' && (
        <div className="max-w-60">
          <TextField
            label={fact.label}
            type={fact.kind === 'DATE' ? 'date' : 'text'}
            value={typed}
            onChange={setTyped}
          />
        </div>
      )}
      <Field label={t('desk.reason')} hint={t('desk.reasonHint')}>
        {(ids) => (
          <textarea
            {...ids}
            className="field"
            rows={2}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        )}
      </Field>
      <div className="flex gap-5">
        <button type="submit" className="btn btn-primary h-9 min-h-9" disabled={busy}>
          {t('desk.settleDo')}
        </button>
        {fact.settled && (
          <button type="button" className="cursor-pointer font-semibold text-error" onClick={onUndo}>
            {t('desk.undo')}
          </button>
        )}
        <button type="button" className="cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
    </form>
  );
}

function typedValue(kind: Schemas['Fact']['kind'], typed: string): unknown {
  if (kind === 'AMOUNT') return amountOf(typed);
  return kind === 'NUMBER' && /^\d+$/.test(typed) ? Number(typed) : typed;
}
