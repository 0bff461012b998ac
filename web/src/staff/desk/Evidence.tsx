import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import type { NewPoint } from './FixListPanel';
import type { usePapers } from './usePapers';

const SHAPE = {
  ASKED_FOR: '◈',
  RECEIVED: '→',
  ACCEPTED: '✓',
  SENT_BACK: '◆',
  WAIVED: '–',
  NO_LONGER_NEEDED: '–',
};
const INK = {
  ASKED_FOR: 'text-warning',
  RECEIVED: 'text-primary',
  ACCEPTED: 'text-success',
  SENT_BACK: 'text-error',
  WAIVED: 'quiet',
  NO_LONGER_NEEDED: 'quiet',
};

type Props = {
  work: ReturnType<typeof usePapers>;
  canWork: boolean;
  open: string;
  onOpen: (paper: Schemas['Paper']) => void;
  onAsk: (point: NewPoint) => void;
};

/** What the claim has to show, and the papers that came for it. */
export function Evidence({ work, canWork, open, onOpen, onAsk }: Props) {
  const { t } = useTranslation();
  const items = work.evidence.data ?? [];
  const [waiving, setWaiving] = useState('');
  const [reason, setReason] = useState('');
  if (items.length === 0) return null;
  return (
    <section className="first:pt-3 p-3 pt-0" aria-labelledby="evidence">
      <h2 id="evidence" tabIndex={-1} className="!font-sans text-sm">
        {t('desk.evidence')}
      </h2>
      <Problem of={work.evidence.error ?? work.waive.error} />
      <ul className="mt-2 space-y-2">
        {items.map((item) => (
          <li key={item.kind + item.subject} className="border border-base-300 bg-base-100 p-2.5">
            <p className="font-bold">{item.title}</p>
            <p className={`text-[0.8125rem] font-semibold ${INK[item.state]}`}>
              <span aria-hidden="true">{SHAPE[item.state]} </span>
              {t(`desk.paperState.${item.state}`)}
              {item.reason && `: ${item.reason}`}
              {item.servedBy && ` ${t('desk.servedBy', { number: item.servedBy })}`}
              {item.until && item.state === 'ASKED_FOR' && ` · ${dateText(item.until, 'weekday')}`}
            </p>
            {item.papers.map((paper) => (
              <button
                key={paper.id}
                type="button"
                aria-pressed={open === paper.id}
                className="mt-1 block min-h-8 cursor-pointer text-start font-semibold break-all text-primary"
                onClick={() => onOpen(paper)}
              >
                {paper.name}
              </button>
            ))}
            {canWork && item.kind !== 'OTHER' && ['ASKED_FOR', 'SENT_BACK'].includes(item.state) && (
              <button
                type="button"
                aria-label={`${t('desk.ask')}: ${item.title}`}
                className="mt-1 me-4 min-h-8 cursor-pointer font-semibold text-primary"
                onClick={() =>
                  onAsk({
                    path: ['papers', item.kind, item.subject].filter(Boolean).join('/'),
                    title: item.title,
                    reason: item.reason || t('desk.askPaper'),
                    good: item.why,
                  })
                }
              >
                {t('desk.ask')}
              </button>
            )}
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
                <button type="submit" className="btn btn-outline btn-primary mt-2 h-auto min-h-9">
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
