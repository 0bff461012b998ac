import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { FROM_HERE, useKeys } from '../../components/keys';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Counter } from './Counter';
import { FIELDS, Grid } from './Grid';
import { Pictures } from './Pictures';
import { Signals } from './Signals';
import { useGrid } from './useGrid';
import { Verdict } from './Verdict';
import { Work } from './Work';

/** Where on its picture a document says what is marked. */
function placeOf(grid: Schemas['IdentityGrid'], paper: string, field: string) {
  const index = grid.columns.findIndex((each) => each.paper === paper);
  const row = grid.rows.find((each) => FIELDS[each.kind] === field);
  const place = row?.cells[index]?.place;
  return place?.paper === paper ? place.at : undefined;
}

/** Who someone is: the grid, the pictures, what to do with each document, and why it was doubted. */
export function IdentityScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const work = useGrid(claim);
  const grid = work.grid.data;
  const [chosen, setChosen] = useState('');
  const [sending, setSending] = useState(false);
  const [marked, setMarked] = useState('');
  const open = grid?.columns.filter((each) => each.state === 'RECEIVED') ?? [];
  const column = grid?.columns.find((each) => each.paper === chosen) ?? open[0] ?? grid?.columns[0];
  const next = grid?.next;
  const accept = () => {
    if (grid?.mayWork && column?.state === 'RECEIVED' && !column.beingRead)
      work.accept.mutate(column.paper, { onSuccess: () => setChosen('') });
  };
  const onward = () => void go(next ? `/claims/${next}/identity` : '/identities');
  useKeys((key) => {
    const columns = grid?.columns ?? [];
    const at = columns.findIndex((each) => each.paper === column?.paper);
    if (key === 'a') accept();
    else if (key === 'b' && grid?.mayWork) setSending(true);
    else if (key === 'g') onward();
    else if (key === 't' && grid?.mayTake) work.takeClaim.mutate();
    else if (key === 'ArrowRight') setChosen(columns[at + 1]?.paper ?? chosen);
    else if (key === 'ArrowLeft') setChosen(columns[at - 1]?.paper ?? chosen);
    else return false;
    return true;
  });
  const problem =
    work.grid.error ??
    work.accept.error ??
    work.sendBack.error ??
    work.compared.error ??
    work.takeClaim.error ??
    work.letter.error;
  return (
    <Page title={t('grid.title', { name: grid?.name ?? '' })} wide>
      <div className="dense mx-auto max-w-[93.75rem] px-4 py-3" {...FROM_HERE}>
        <header className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-2xl">{grid?.name}</h1>
          <Link to={`/claims/${claim}`} className="alone">
            {grid?.number}
          </Link>
          <span className="quiet">{grid?.programme}</span>
          <span className="flex-1" />
          <Link to="/identities" className="alone">
            {t('identities.title')}
          </Link>
          <button type="button" className="btn btn-outline btn-primary h-auto min-h-9 " onClick={onward}>
            {next ? t('grid.next') : t('grid.noNext')} <kbd className="key">n</kbd>
          </button>
        </header>
        <Problem of={problem} />
        {grid && (
          <>
            <Verdict
              grid={grid}
              onTake={() => work.takeClaim.mutate()}
              onLetter={() => work.letter.mutate()}
            />
            <Grid
              grid={grid}
              chosen={column?.paper ?? ''}
              onChoose={setChosen}
              onPlace={(paper, field) => {
                setChosen(paper);
                setMarked(field);
              }}
            />
            {column && (
              <Work
                key={column.paper}
                grid={grid}
                column={column}
                at={placeOf(grid, column.paper, marked)}
                sending={sending}
                onSending={setSending}
                onAccept={accept}
                onSendBack={(wish) =>
                  work.sendBack.mutate(wish, {
                    onSuccess: () => {
                      setSending(false);
                      setChosen('');
                    },
                  })
                }
              />
            )}
            <Pictures
              claim={claim}
              grid={grid}
              column={column}
              marked={marked}
              onCompared={(words) => work.compared.mutate(words)}
            />
            {grid.mayWork && <Counter types={grid.documentTypes} counter={work.counter} />}
            <Signals claim={claim} canWork={grid.mayWork} />
          </>
        )}
      </div>
    </Page>
  );
}
