import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useDesk } from '../../claim/useDesk';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Evidence } from './Evidence';
import { FixListPanel, type NewPoint } from './FixListPanel';
import { InTheWay } from './InTheWay';
import { KeyList } from './KeyList';
import { Middle, type Tab } from './Middle';
import { MoreTime } from './MoreTime';
import { Outcome } from './Outcome';
import { PaperViewer } from './PaperViewer';
import { SettleAll } from './SettleAll';
import { SettlePanel } from './SettlePanel';
import { Strip } from './Strip';
import { useColleagues, useDeskCommands } from './useDeskCommands';
import { nextDifference, useDeskKeys } from './useDeskKeys';
import { usePapers } from './usePapers';

type Fact = Schemas['Fact'];
type View = Schemas['Settle']['view'];

/** One claim: what is in the way, its facts in their views, the outcome as it stands. */
export function DeskScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const work = useDesk(claim);
  const papers = usePapers(claim);
  const [paper, setPaper] = useState<{ id: string; page: number }>();
  const [tab, setTab] = useState<Tab>('facts');
  const [chosen, setChosen] = useState('');
  const [settling, setSettling] = useState<{ fact: Fact; view: View }>();
  const [settlingAll, setSettlingAll] = useState(false);
  const [points, setPoints] = useState<NewPoint[]>();
  const [keys, setKeys] = useState(false);
  const desk = work.desk.data;
  const newest = desk?.asking.fixLists[0];
  const draft = newest?.state === 'DRAFT' ? newest.points : [];
  const ask = (point: NewPoint) => {
    const now = points ?? draft;
    setPoints(now.some((each) => each.path === point.path) ? now : [...now, point]);
  };
  const askAbout = (fact: Fact) => {
    if (fact.ask) ask(fact.ask);
  };
  const open = (id: string, page = 1) => setPaper({ id, page });
  const openPaper = papers.evidence.data
    ?.flatMap((item) => item.papers)
    .find((each) => each.id === paper?.id);
  useDeskKeys({
    desk,
    chosen,
    onChoose: setChosen,
    onSettle: (fact, view) => setSettling({ fact, view }),
    onUndo: (fact) => work.unsettle.mutate(fact.path),
    onAsk: askAbout,
    onOpen: open,
    onDecide: () => go(`/claims/${claim}/decide`),
    onKeys: () => setKeys((now) => !now),
  });
  useEffect(() => {
    if (chosen) document.querySelector('tr[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  const colleagues = useColleagues(desk);
  const decide = () => go(`/claims/${claim}/decide`);
  const writeList = () => setPoints(points ?? draft);
  const commands = useDeskCommands(
    {
      desk,
      onTake: () => work.takeIt.mutate(),
      onDecide: decide,
      onFixList: writeList,
      onHandOver: (to) => work.handOver.mutate(to),
      onTab: setTab,
    },
    colleagues,
  );
  if (!desk) {
    return (
      <Page title={t('loading')}>
        <Problem of={work.desk.error} />
      </Page>
    );
  }
  const goTo = (obstacle: Schemas['Obstacle']) => {
    const fact = desk.facts.flatMap((group) => group.facts).find((each) => each.path === obstacle.path);
    if (fact) {
      setTab('facts');
      setChosen(fact.path);
    }
    if (obstacle.kind === 'REGISTER') setTab('registers');
    if (obstacle.kind === 'IDENTITY') setTab('identity');
    if (obstacle.kind === 'OTHERS' || obstacle.kind === 'REMARK') setTab('others');
    if (obstacle.kind === 'MESSAGE') setTab('messages');
    if (obstacle.kind === 'MATCH') go(`/claims/${claim}/household`);
    const came = papers.evidence.data?.find((item) => item.state === 'RECEIVED')?.papers.at(-1);
    if (obstacle.kind === 'PAPERS_CAME' && came) open(came.id);
  };
  const failed =
    work.takeIt.error ??
    work.handOver.error ??
    work.settle.error ??
    work.settleImmaterial.error ??
    work.unsettle.error ??
    work.askRegister.error ??
    work.withoutRegister.error ??
    work.answerTime.error ??
    work.doubt.error ??
    work.whatIf.error ??
    work.approveUrgent.error;
  return (
    <Page title={`${desk.strip.household} · ${desk.strip.number}`} wide commands={commands}>
      <Strip
        desk={desk}
        points={points?.length ?? draft.length}
        onTake={() => work.takeIt.mutate()}
        onFixList={writeList}
        onDecide={decide}
        colleagues={colleagues}
        onHandOver={(to) => work.handOver.mutate(to)}
        onApprove={() => work.approveUrgent.mutate()}
      />
      <Problem of={failed} />
      <div
        className={`dense grid min-h-[calc(100vh-112px)] grid-cols-1 ${openPaper ? 'lg:grid-cols-[232px_minmax(0,1fr)_minmax(0,1fr)]' : 'lg:grid-cols-[232px_minmax(0,1fr)_300px]'}`}
      >
        <div className="border-r border-base-300">
          <InTheWay desk={desk} onAsk={ask} onGo={goTo} onSettleAll={() => setSettlingAll(true)} />
          <Evidence
            work={papers}
            canWork={desk.may.work}
            open={paper?.id ?? ''}
            onOpen={(each) => open(each.id)}
            onAsk={ask}
          />
        </div>
        <div className="min-w-0 bg-base-100">
          {keys && <KeyList onClose={() => setKeys(false)} />}
          {desk.asking.moreTime && desk.may.work && (
            <MoreTime asked={desk.asking.moreTime} onAnswer={(answer) => work.answerTime.mutate(answer)} />
          )}
          {points && desk.may.work && (
            <FixListPanel
              desk={desk}
              points={points}
              onPoints={setPoints}
              onClose={() => setPoints(undefined)}
              onSave={(list) => work.saveList.mutate(list, { onSuccess: () => setPoints(undefined) })}
              onSend={(list) => work.sendList.mutate(list, { onSuccess: () => setPoints(undefined) })}
              busy={work.saveList.isPending || work.sendList.isPending}
              problem={work.saveList.error ?? work.sendList.error}
            />
          )}
          {settlingAll && (
            <SettleAll
              busy={work.settleImmaterial.isPending}
              onSettle={(reason) =>
                work.settleImmaterial.mutate(reason, { onSuccess: () => setSettlingAll(false) })
              }
              onClose={() => setSettlingAll(false)}
            />
          )}
          {settling && (
            <SettlePanel
              key={settling.fact.path + settling.view}
              fact={settling.fact}
              view={settling.view}
              busy={work.settle.isPending}
              onSettle={(wish) =>
                work.settle.mutate(wish, {
                  onSuccess: (after) => {
                    setSettling(undefined);
                    work.whatIf.reset();
                    setChosen((nextDifference(after, settling.fact.path) ?? settling.fact).path);
                  },
                })
              }
              onTry={(value) => work.whatIf.mutate(value)}
              onUndo={() =>
                work.unsettle.mutate(settling.fact.path, { onSuccess: () => setSettling(undefined) })
              }
              onClose={() => {
                setSettling(undefined);
                work.whatIf.reset();
              }}
            />
          )}
          <Middle
            desk={desk}
            tab={tab}
            onTab={setTab}
            chosen={chosen}
            onChoose={setChosen}
            onSettle={(fact, view) => setSettling({ fact, view })}
            onPaper={open}
            work={work}
          />
        </div>
        {openPaper ? (
          <PaperViewer
            key={openPaper.id + (paper?.page ?? 1)}
            claim={claim}
            paper={openPaper}
            first={paper?.page ?? 1}
            work={papers}
            canWork={desk.may.work}
            onClose={() => setPaper(undefined)}
          />
        ) : (
          <Outcome
            desk={desk}
            trial={work.whatIf.data}
            onForget={() => work.whatIf.reset()}
            onFact={(path) => {
              const fact = desk.facts
                .flatMap((group) => group.facts)
                .find(
                  (each) =>
                    each.path === path ||
                    path.startsWith(`${each.path}/`) ||
                    each.path.startsWith(`${path}/`),
                );
              if (fact) {
                setTab('facts');
                setChosen(fact.path);
              }
            }}
          />
        )}
      </div>
    </Page>
  );
}
