import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { Problem } from '../../components/Problem';
import type { usePapers } from './usePapers';

const SHAPE = { ASKED_FOR: '◈', RECEIVED: '→', ACCEPTED: '✓', SENT_BACK: '◆', WAIVED: '–' };
const INK = {
  ASKED_FOR: 'text-warning',
  RECEIVED: 'text-primary',
  ACCEPTED: 'text-success',
  SENT_BACK: 'text-error',
  WAIVED: 'quiet',
};

type Props = {
  work: ReturnType<typeof usePapers>;
  canWork: boolean;
  open: string;
  onOpen: (paper: Schemas['Paper']) => void;
};

/** What the claim has to show, and the papers that came for it. */
export function Evidence({ work, canWork, open, onOpen }: Props) {
  const { t } = useTranslation();
  const items = work.evidence.data ?? [];
  const [waiving, setWaiving] = useState('');
  const [reason, setReason] = useState('');
  if (items.length === 0) return null;
  return (
    <section className="p-3 pt-0" aria-labelledby="evidence">
      <h2 id="evidence" className="!font-sans text-sm">
        {t('desk.evidence')}
      </h2>
      <Problem of={work.evidence.error ?? work.waive.error} />
      <ul className="mt-2 space-y-2">
        {items.map((item) => (
          <li key={item.kind + item.subject} className="border border-base-300 bg-base-100 p-2.5">
            <p className="font-bold">{item.title}</p>
            <p className={`text-[13px] font-semibold ${INK[item.state]}`}>
              <span aria-hidden="true">{SHAPE[item.state]} </span>
              {t(`desk.paperState.${item.state}`)}
              {item.reason && `: ${item.reason}`}
            </p>
            {item.papers.map((paper) => (
              <button
                key={paper.id}
                type="button"
                aria-pressed={open === paper.id}
                className="mt-1 block min-h-8 cursor-pointer text-left font-semibold break-all text-primary"
                onClick={() => onOpen(paper)}
              >
                {paper.name}
              </button>
            ))}
            {canWork && item.kind !== 'OTHER' && ['ASKED_FOR', 'SENT_BACK'].includes(item.state) && (
              <button
                type="button"
                aria-label={`${t('desk.waive')}: ${item.title}`}
                className="quiet mt-1 min-h-8 cursor-pointer"
                onClick={() => setWaiving(item.kind + item.subject)}
              >
                {t('desk.waive')}
              </button>
            )}
            {waiving === item.kind + item.subject && (
              <form
                onSubmit={(event) => {
                  event.preventDefault();
                  work.waive.mutate(
                    { kind: item.kind, subject: item.subject, reason },
                    { onSuccess: () => setWaiving('') },
                  );
                }}
              >
                <TextField label={t('desk.reason')} value={reason} onChange={setReason} />
                <button type="submit" className="btn btn-outline btn-primary mt-2 h-9">
                  {t('desk.waiveDo')}
                </button>
              </form>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
