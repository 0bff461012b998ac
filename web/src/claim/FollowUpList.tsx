import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { FormText } from '../components/FormText';
import { dateText } from '../i18n';

const INK = { PLANNED: '', DUE: 'text-warning', DONE: 'text-success', STOPPED: 'quiet' };
const SHAPE = { PLANNED: '◇', DUE: '◈', DONE: '✓', STOPPED: '–' };

type Props = {
  followUps: Schemas['FollowUp'][];
  /** Says that one is done, and what came of it; nothing where that is not theirs to say. */
  onDone?: (followUp: string, note: string) => void;
};

/** What follows a decision but for money, with its day and how far it is. */
export function FollowUpList({ followUps, onDone }: Props) {
  const { t } = useTranslation();
  return (
    <ul className="max-w-2xl divide-y divide-base-300">
      {followUps.map((each) => (
        <li key={each.id} className="py-2">
          <p className="font-semibold first-letter:uppercase">{each.what}</p>
          <p className={INK[each.state]}>
            <span aria-hidden="true">{SHAPE[each.state]} </span>
            {t(`follow.is.${each.state}`, { date: dateText(each.dueOn), by: each.doneBy })}
          </p>
          {each.note && <p className="quiet">{each.note}</p>}
          {onDone && (each.state === 'DUE' || each.state === 'PLANNED') && (
            <Done onDone={(note) => onDone(each.id, note)} />
          )}
        </li>
      ))}
    </ul>
  );
}

function Done({ onDone }: { onDone: (note: string) => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { note: '' } });
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={handleSubmit(({ note }) => onDone(note))}
      noValidate
    >
      <FormText control={control} name="note" label={t('follow.note')} required />
      <button type="submit" className="btn btn-sm btn-primary">
        {t('follow.done')}
      </button>
    </form>
  );
}
