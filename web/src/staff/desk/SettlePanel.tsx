import { type FormEvent, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { LongTextField, TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';
import { amountOf } from '../../facts/shapes';

type View = Schemas['Settle']['view'];
type Props = {
  fact: Schemas['Fact'];
  view: View;
  busy: boolean;
  problem: unknown;
  onSettle: (wish: Omit<Schemas['Settle'], 'version'>) => void;
  /** Shows what would come of a value; nothing is kept. */
  onTry: (value: Schemas['Tried']) => void;
  onUndo: () => void;
  onClose: () => void;
};

/** Settles one fact on a view or a typed figure, with a reason. Enter settles it, Escape leaves it. */
export function SettlePanel({ fact, view: first, busy, problem, onSettle, onTry, onUndo, onClose }: Props) {
  const { t } = useTranslation();
  const [view, setView] = useState<View>(first);
  const [typed, setTyped] = useState('');
  const [reason, setReason] = useState(() => suggested(first, fact, t));
  const [left, setLeft] = useState(false);
  const panel = useOpened<HTMLFormElement>(onClose, 'textarea');
  useEffect(() => panel.current?.querySelector('textarea')?.select(), [panel]);
  const atValue = view === 'TYPED' && isAbout(problem, fact.path) ? (problem as Error).message : null;
  const choices = [
    { view: 'SAID' as const, label: t('desk.said'), of: fact.said },
    { view: 'SHOWN' as const, label: t('desk.shown'), of: fact.shown },
    { view: 'ON_RECORD' as const, label: t('desk.record'), of: fact.onRecord },
  ].filter((choice) => choice.of?.value !== undefined && choice.of?.value !== null);
  const choose = (to: View) => {
    if (reason === suggested(view, fact, t)) setReason(suggested(to, fact, t));
    setView(to);
  };
  const value = () =>
    (view === 'TYPED'
      ? typedValue(fact.kind, typed)
      : choices.find((choice) => choice.view === view)?.of?.value) ?? null;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setLeft(true);
    if (reason.trim() === '') {
      panel.current?.querySelector('textarea')?.focus();
      return;
    }
    onSettle({ path: fact.path, view, value: value(), reason });
  };
  return (
    <form
      ref={panel}
      onSubmit={submit}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && !e.shiftKey && e.target instanceof HTMLTextAreaElement) submit(e);
      }}
      className="space-y-3 border-b-2 border-primary bg-base-200/60 p-4"
    >
      <h2 className="text-lg">{t('desk.settleTitle', { fact: fact.label })}</h2>
      <fieldset>
        <legend className="mb-1">{t('desk.settleOn')}</legend>
        {choices.map((choice) => (
          <label key={choice.view} className="me-6 inline-flex min-h-8 items-center gap-2">
            <input
              type="radio"
              name="view"
              className="radio radio-primary radio-sm"
              checked={view === choice.view}
              onChange={() => choose(choice.view)}
            />
            {choice.label}: {choice.of?.text}
          </label>
        ))}
        {fact.kind !== 'YES_NO' && (
          <label className="me-6 inline-flex min-h-8 items-center gap-2">
            <input
              type="radio"
              name="view"
              className="radio radio-primary radio-sm"
              checked={view === 'TYPED'}
              onChange={() => choose('TYPED')}
            />
            {t('desk.typed')}
          </label>
        )}
      </fieldset>
      {view === 'TYPED' && (
        <div className="max-w-60">
          {fact.kind === 'DATE' ? (
            <DayField label={fact.label} error={atValue} value={typed} onChange={setTyped} />
          ) : (
            <TextField
              label={fact.label}
              hint={fact.said ? t('desk.asSaid', { said: fact.said.text }) : null}
              error={atValue}
              value={typed}
              onChange={setTyped}
            />
          )}
        </div>
      )}
      <LongTextField
        label={t('desk.reason')}
        hint={t('desk.reasonHint')}
        error={left && reason.trim() === '' ? t('desk.reasonMissing') : null}
        rows={2}
        value={reason}
        onChange={setReason}
      />
      {!atValue && <Problem of={problem} />}
      <div className="flex flex-wrap gap-5">
        <Press type="submit" className="btn btn-primary h-auto min-h-9 " busy={busy}>
          {t('desk.settleDo')}
        </Press>
        <button
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-9 "
          onClick={() => onTry({ path: fact.path, value: value() })}
        >
          {t('trial.try')}
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

/** A reason that can stand as it is where the views speak for themselves. */
function suggested(view: View, fact: Schemas['Fact'], t: ReturnType<typeof useTranslation>['t']): string {
  if (view === 'TYPED' || fact.state !== 'DIFFERS') return '';
  return t(`desk.because.${view}`);
}

function typedValue(kind: Schemas['Fact']['kind'], typed: string): unknown {
  if (kind === 'AMOUNT') return amountOf(typed);
  return kind === 'NUMBER' && /^\d+$/.test(typed) ? Number(typed) : typed;
}
