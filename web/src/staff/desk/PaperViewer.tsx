import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { useKeys } from '../../components/keys';
import { Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';
import { PaperValues } from './PaperValues';
import type { usePapers } from './usePapers';

type Props = {
  claim: string;
  paper: Schemas['Paper'];
  /** The page to open it at. */
  first?: number;
  work: ReturnType<typeof usePapers>;
  canWork: boolean;
  onClose: () => void;
};

const QUARTER = 90;
/** How high a sheet is for its width, until one knows better. */
const SHEET = Math.SQRT2;
const ZOOMS = [1, 1.5, 2, 3];

/** A paper beside the facts: page by page, larger, turned; and what the caseworker says of it. */
export function PaperViewer({ claim, paper, first = 1, work, canWork, onClose }: Props) {
  const { t } = useTranslation();
  const [page, setPage] = useState(first);
  const [marked, setMarked] = useState('');
  const [zoom, setZoom] = useState(0);
  const [turned, setTurned] = useState(0);
  const [reason, setReason] = useState<string>();
  const panel = useOpened<HTMLElement>(onClose, '[data-close]');
  const picture = `/api/claims/${claim}/papers/${paper.id}/picture?page=${page}`;
  const shape = useShape(picture);
  const beingRead = work.readings.data?.[paper.id]?.state === 'WAITING';
  /** Nobody accepts what they cannot have seen yet. */
  const mayAccept = canWork && shape !== undefined && !beingRead && paper.state !== 'ACCEPTED';
  const accept = () => work.accept.mutate(paper.id, { onSuccess: onClose });
  const pageTo = (to: number) => setPage(Math.min(Math.max(1, to), paper.pages));
  const zoomTo = (to: number) => setZoom(Math.min(Math.max(0, to), ZOOMS.length - 1));
  useKeys((key) => {
    if (key === 'PageDown' || key === 'PageUp') pageTo(page + (key === 'PageDown' ? 1 : -1));
    else if (key === '+' || key === '-') zoomTo(zoom + (key === '+' ? 1 : -1));
    else if (key === 'r') setTurned((turned + QUARTER) % 360);
    else if (key === 'a' && mayAccept && !work.accept.isPending) accept();
    else if (key === 'b' && canWork) setReason('');
    else return false;
    return true;
  }, 'paper');
  const reading = work.readings.data?.[paper.id];
  const boxes = reading?.shown.filter((each) => each.page === page && each.place.width > 0) ?? [];
  const tool = 'btn btn-ghost h-auto min-h-8 px-2';
  return (
    <section
      ref={panel}
      data-keys="paper"
      className="flex min-w-0 flex-col border-s border-base-300"
      aria-label={paper.name}
    >
      <header className="flex flex-wrap items-center gap-1 border-b border-base-300 bg-base-100 p-2">
        <p className="min-w-[min(8rem,100%)] flex-1 truncate font-bold" title={paper.name}>
          {paper.name}
        </p>
        <button type="button" className={tool} disabled={page === 1} onClick={() => pageTo(page - 1)}>
          <span aria-hidden="true">‹</span>
          <span className="sr-only">{t('paper.before')}</span>
        </button>
        <span className="tabular-nums" aria-live="polite">
          {t('paper.page', { page, pages: paper.pages })}
        </span>
        <button
          type="button"
          className={tool}
          disabled={page === paper.pages}
          onClick={() => pageTo(page + 1)}
        >
          <span aria-hidden="true">›</span>
          <span className="sr-only">{t('paper.after')}</span>
        </button>
        <button type="button" className={tool} onClick={() => zoomTo(zoom - 1)} disabled={zoom === 0}>
          {t('paper.smaller')}
        </button>
        <button
          type="button"
          className={tool}
          onClick={() => zoomTo(zoom + 1)}
          disabled={zoom === ZOOMS.length - 1}
        >
          {t('paper.larger')}
        </button>
        <button type="button" className={tool} onClick={() => setTurned((turned + QUARTER) % 360)}>
          {t('paper.turn')}
        </button>
        <button type="button" data-close="" className={tool} onClick={onClose}>
          {t('desk.close')}
        </button>
      </header>
      <div className="grid xl:grid-cols-[minmax(0,1fr)_15rem]">
        <section
          className="max-h-[52vh] overflow-auto bg-base-300/40 p-3 xl:max-h-[calc(100vh-12rem)]"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard
          tabIndex={0}
          aria-label={t('paper.shown')}
        >
          <svg
            viewBox={`0 0 100 ${100 * (shape ?? SHEET)}`}
            width={`${(ZOOMS[zoom] ?? 1) * 100}%`}
            role="img"
            aria-label={t('paper.alt', { name: paper.name, page })}
            className={`max-w-none ${TURNED[turned / QUARTER]}`}
          >
            <image href={picture} width="100" height={100 * (shape ?? SHEET)} />
            {boxes.map((each) => (
              <rect
                key={each.field}
                x={each.place.left * 100 - 0.5}
                y={(each.place.top - 0.004) * 100 * (shape ?? SHEET)}
                width={each.place.width * 100 + 1}
                height={(each.place.height + 0.008) * 100 * (shape ?? SHEET)}
                className={each.field === marked ? 'fill-warning/30 stroke-warning' : 'fill-warning/10'}
                strokeWidth="0.3"
              />
            ))}
          </svg>
        </section>
        <PaperValues
          key={`${page} ${reading?.state} ${reading?.shown.map((each) => each.value + each.state).join()}`}
          fields={paper.fields}
          page={page}
          reading={reading}
          canWork={canWork}
          busy={work.see.isPending}
          onMark={setMarked}
          onSee={(values) => work.see.mutate({ paper: paper.id, page, values })}
        />
      </div>
      {canWork && (
        <footer className="space-y-2 border-t border-base-300 bg-base-100 p-3">
          <Problem of={work.accept.error ?? work.sendBack.error ?? work.see.error} />
          {reason === undefined ? (
            <div className="flex gap-3">
              <button
                type="button"
                className="btn btn-primary h-auto min-h-9"
                disabled={!mayAccept}
                title={beingRead ? t('paper.beingRead') : undefined}
                onClick={accept}
              >
                {t('paper.accept')}
              </button>
              <button
                type="button"
                className="btn btn-outline btn-primary h-auto min-h-9"
                onClick={() => setReason('')}
              >
                {t('paper.sendBack')}
              </button>
              <p className="quiet self-center text-[0.8125rem]">{t('paper.keys')}</p>
            </div>
          ) : (
            <form
              className="space-y-2"
              onSubmit={(event) => {
                event.preventDefault();
                work.sendBack.mutate({ paper: paper.id, reason }, { onSuccess: onClose });
              }}
            >
              <TextField
                label={t('paper.why')}
                hint={t('paper.whyHint')}
                value={reason}
                onChange={setReason}
              />
              <button type="submit" className="btn btn-primary h-auto min-h-9">
                {t('paper.sendBackDo')}
              </button>
            </form>
          )}
        </footer>
      )}
    </section>
  );
}

/** How high a picture is for its width; undefined until it has loaded. */
function useShape(picture: string): number | undefined {
  const [seen, setSeen] = useState<{ picture: string; shape: number }>();
  useEffect(() => {
    const image = new Image();
    image.onload = () => setSeen({ picture, shape: image.naturalHeight / Math.max(1, image.naturalWidth) });
    image.src = picture;
  }, [picture]);
  return seen?.picture === picture ? seen.shape : undefined;
}

const TURNED = ['', 'rotate-90', 'rotate-180', '-rotate-90'];
