import { useQuery } from '@tanstack/react-query';
import type { TFunction } from 'i18next';
import { type DragEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { Choose } from '../../papers/Choose';
import { Sending } from '../../papers/Sending';
import { megabytes, useRoom, useUpload } from '../../papers/upload';

const EDGE = {
  ASKED_FOR: 'border-s-warning',
  RECEIVED: 'border-s-primary',
  ACCEPTED: 'border-s-success',
  SENT_BACK: 'border-s-error',
  WAIVED: 'border-s-base-content/40',
  NO_LONGER_NEEDED: 'border-s-base-content/40',
};
const SHAPE = {
  ASKED_FOR: '◈',
  RECEIVED: '→',
  ACCEPTED: '✓',
  SENT_BACK: '◆',
  WAIVED: '–',
  NO_LONGER_NEEDED: '–',
};

/** What a claim still has to show, in the applicant's words, and where to hand it in. */
export function PapersScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const evidence = useQuery({
    queryKey: ['evidence', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/evidence', { params: { path: { id: claim } } })),
  });
  const room = useRoom(claim);
  const items = evidence.data ?? [];
  return (
    <Page title={t('papers.title')}>
      <BackToMine />
      <h1 className="mt-1 text-3xl">{t('papers.title')}</h1>
      <p className="mt-2 max-w-prose">{t('papers.intro')}</p>
      {room.data && <p className="quiet mt-1 max-w-prose">{roomText(room.data, t)}</p>}
      <Problem of={evidence.error} />
      <div className="mt-6 max-w-3xl space-y-4">
        {items.map((item) => (
          <Item key={item.kind + item.subject} claim={claim} item={item} />
        ))}
        {evidence.data && !items.some((item) => item.kind === 'OTHER') && (
          <Item claim={claim} item={{ ...NOTHING, title: t('papers.other') }} />
        )}
      </div>
    </Page>
  );
}

/** Few files or megabytes left are told; many are not worth a word. */
const FEW = 50;
const LITTLE = 300;

function roomText(room: Schemas['RoomLeft'], t: TFunction): string {
  const { largest, together } = megabytes(room);
  if (room.papers === 0 || together === 0) return t('papers.full');
  const words = [t('papers.kinds', { largest })];
  if (room.papers <= FEW) words.push(t('papers.filesLeft', { count: room.papers }));
  if (together <= LITTLE) words.push(t('papers.togetherLeft', { together }));
  return words.join(' ');
}

const NOTHING: Schemas['MyEvidenceItem'] = {
  kind: 'OTHER',
  subject: '',
  title: '',
  why: '',
  until: '',
  state: 'WAIVED',
  reason: '',
  alreadyHere: false,
  stepByStep: false,
  papers: [],
};

function Item({ claim, item }: { claim: string; item: Schemas['MyEvidenceItem'] }) {
  const { t } = useTranslation();
  const { sending, send, busy } = useUpload(claim, { kind: item.kind, subject: item.subject });
  const [over, setOver] = useState(false);
  const wanted = item.state !== 'NO_LONGER_NEEDED';
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    send([...event.dataTransfer.files]);
  };
  return (
    <section
      aria-label={item.title}
      className={`sheet border-s-4 p-5 ${EDGE[item.state]} ${over ? 'outline-2 outline-primary' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      onPaste={(event) => event.clipboardData.files.length > 0 && send([...event.clipboardData.files])}
    >
      <h2 className="text-lg">{item.title}</h2>
      {item.kind !== 'OTHER' && (
        <p className="text-sm font-semibold">
          <span aria-hidden="true">{SHAPE[item.state]} </span>
          {t(`papers.state.${item.state}`)}
          {item.reason && `: ${item.reason}`}
          {item.alreadyHere && ` ${t('papers.alreadyHere')}`}
          {item.until &&
            item.state === 'ASKED_FOR' &&
            ` · ${t('papers.until', { date: dateText(item.until) })}`}
        </p>
      )}
      {item.why && <p className="quiet mt-1">{item.why}</p>}
      {item.stepByStep && (
        <p className="mt-2">
          <Link to={`/my/${claim}/identity`} className="inline-flex min-h-11 items-center">
            {t('papers.identity')}
          </Link>
        </p>
      )}
      <ul className="mt-2">
        {item.papers.map((paper) => (
          <li key={paper.id}>
            <a
              href={`/api/my/claims/${claim}/papers/${paper.id}/picture`}
              target="_blank"
              rel="noreferrer"
              className="break-all"
            >
              {paper.name}
            </a>{' '}
            <span className="quiet">{t('papers.pages', { count: paper.pages })}</span>
          </li>
        ))}
        <Sending uploads={sending} />
      </ul>
      {wanted && <Choose title={item.title} busy={busy} onFiles={send} />}
    </section>
  );
}
