import { useEffect, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useDesk } from '../../claim/useDesk';
import { useNextClaim } from '../../claim/useSheet';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { pending } from '../../components/pending';
import { Evidence } from './Evidence';
import { InTheWay } from './InTheWay';
import { Middle, type Tab, tabsOf } from './Middle';
import { NextClaim } from './NextClaim';
import { Outcome } from './Outcome';
import { AtFact, type Open, Panels } from './Panels';
import { PaperViewer } from './PaperViewer';
import { Strip } from './Strip';
import { useColleagues, useDeskCommands } from './useDeskCommands';
import { nextDifference, useDeskKeys } from './useDeskKeys';
import { useFixList } from './useFixList';
import { usePapers } from './usePapers';

type Fact = Schemas['Fact'];

/** Where what stands in the way is dealt with; everything else is a fact. */
const TAB_OF: Partial<Record<Schemas['Obstacle']['kind'], Tab>> = {
  REGISTER: 'registers',
  IDENTITY: 'identity',
  OTHERS: 'others',
  REMARK: 'others',
  MESSAGE: 'messages',
  PAYMENTS: 'payments',
  HOURS: 'calendar',
};

/** The headings of what is dealt with beside the facts. */
const SECTION_OF: Partial<Record<Schemas['Obstacle']['kind'], string>> = {
  PAPERS_CAME: 'evidence',
  PAPERS_WANTED: 'evidence',
  FIX_LIST: 'rounds',
  MORE_TIME: 'more-time',
};

const NOTHING: Open = {
  settling: undefined,
  settlingAll: false,
  keys: false,
  handOver: undefined,
  standAside: false,
  working: false,
};

/** One claim: what is in the way, its facts in their views, the outcome as it stands. */
export function DeskScreen() {
  const { claim = '' } = useParams();
  return <DeskOf key={claim} claim={claim} />;
}

/** What is open on one desk never stays open on the next. */
function DeskOf({ claim }: { claim: string }) {
  const go = useNavigate();
  const work = useDesk(claim);
  const papers = usePapers(claim);
  const [address, setAddress] = useSearchParams();
  // chosen again, a fact has the focus again
  const [choice, setChoice] = useState({ path: '' });
  const chosen = choice.path;
  const choose = (path: string) => setChoice({ path });
  // where one is led, once the tab that it stands in is drawn
  const [led, setLed] = useState<{ tab: Tab; to: string }>();
  const [open, setOpen] = useState<Open>(NOTHING);
  const list = useFixList(claim, work.desk.data);
  const next = useNextClaim(claim);
  const openUp = (what: Partial<Open>) => setOpen((now) => ({ ...now, ...what }));
  const tab = tabsOf(work.desk.data).find((each) => each === address.get('tab')) ?? 'facts';
  const [paper = '', page = '1'] = (address.get('paper') ?? '').split('.');
  const lead = (to: { tab?: Tab; paper?: string | undefined }) =>
    setAddress(
      (now) => {
        for (const [name, value] of Object.entries(to)) {
          if (value) now.set(name, value);
          else now.delete(name);
        }
        return now;
      },
      { replace: true },
    );
  const setTab = (to: Tab) => lead({ tab: to });
  const desk = work.desk.data;
  const askAbout = (fact: Fact) => {
    if (fact.ask) list.ask(fact.ask, fact.path);
  };
  const show = (id: string, at = 1) => lead({ paper: `${id}.${at}` });
  const came = papers.evidence.data?.find((item) => item.state === 'RECEIVED')?.papers.at(-1);
  const openPaper = papers.evidence.data?.flatMap((item) => item.papers).find((each) => each.id === paper);
  useDeskKeys({
    desk,
    chosen,
    onChoose: choose,
    onSettle: (fact, view) => openUp({ settling: { fact, view } }),
    onUndo: (fact) => work.unsettle.mutate(fact.path),
    onAsk: askAbout,
    onList: () => {
      const send = document.getElementById('send-list');
      send?.focus();
      return send !== null;
    },
    onPaper: (fact) => {
      const place = fact?.shown?.from ?? (came && { paper: came.id, page: 1 });
      if (place) show(place.paper, place.page);
      return Boolean(place);
    },
    onDecide: () => go(`/claims/${claim}/decide`),
    onKeys: () => openUp({ keys: true }),
    onWorking: () => openUp({ working: !open.working }),
    onNext: () => next && go(`/claims/${next.id}`),
  });
  useEffect(() => {
    if (!led || led.tab !== tab) return;
    const at = document.querySelector<HTMLElement>(led.to);
    at?.scrollIntoView({ block: 'nearest' });
    at?.focus({ preventScroll: true });
    setLed(undefined);
  }, [led, tab]);
  useEffect(() => {
    const row = choice.path && document.querySelector<HTMLElement>('tr[aria-selected="true"]');
    if (!row) return;
    row.scrollIntoView({ block: 'nearest' });
    if (!row.contains(document.activeElement)) row.focus({ preventScroll: true });
  }, [choice]);
  const colleagues = useColleagues(desk);
  const decide = () => go(`/claims/${claim}/decide`);
  const commands = useDeskCommands(
    {
      desk,
      onTake: () => work.takeIt.mutate(),
      onDecide: decide,
      onFixList: list.open,
      onHandOver: (to) => openUp({ handOver: to }),
      onStandAside: () => openUp({ standAside: true }),
      onTab: setTab,
    },
    colleagues,
  );
  if (!desk) {
    return pending(work.desk.error);
  }
  const leadTo = (isMeant: (path: string) => boolean) => {
    const fact = desk.facts.flatMap((group) => group.facts).find((each) => isMeant(each.path));
    setTab('facts');
    if (fact) choose(fact.path);
  };
  const goTo = (obstacle: Schemas['Obstacle']) => {
    const { kind, path } = obstacle;
    if (kind === 'MATCH' || kind === 'OTHER_CLAIM') go(`/claims/${claim}/household`);
    else if (kind === 'POST') go('/handing-over');
    else if (kind === 'PAPERS_CAME' && came) show(came.id);
    else if (kind in SECTION_OF || kind in TAB_OF) {
      const to = TAB_OF[kind] ?? 'facts';
      setTab(to);
      setLed({ tab: to, to: SECTION_OF[kind] ? `#${SECTION_OF[kind]}` : '[role=tab][aria-selected=true]' });
    } else leadTo((fact) => fact === path || fact.startsWith(`${path}/`) || path.startsWith(`${fact}/`));
  };
  const isDone =
    (Boolean(desk.past.decision) && desk.inTheWay.length === 0) || desk.strip.state === 'WITHDRAWN';
  const failed =
    work.takeIt.error ??
    work.handOver.error ??
    work.standAside.error ??
    work.settleImmaterial.error ??
    work.unsettle.error ??
    work.askRegister.error ??
    work.withoutRegister.error ??
    work.answerTime.error ??
    work.doubt.error ??
    work.approveUrgent.error;
  return (
    <Page title={`${desk.strip.household} · ${desk.strip.number}`} wide commands={commands}>
      <Strip
        desk={desk}
        points={list.count}
        onTake={() => work.takeIt.mutate()}
        onFixList={list.open}
        onDecide={decide}
        colleagues={colleagues}
        onHandOver={(to) => openUp({ handOver: to })}
        onStandAside={() => openUp({ standAside: true })}
        onApprove={() => work.approveUrgent.mutate()}
      />
      <Problem of={failed} />
      {isDone && <NextClaim next={next} />}
      <div
        className={`dense grid min-h-[calc(100vh-7rem)] grid-cols-1 ${openPaper ? 'lg:grid-cols-[13rem_minmax(0,0.85fr)_minmax(0,1.15fr)]' : 'lg:grid-cols-[14.5rem_minmax(0,1fr)_18.75rem]'}`}
      >
        <div className="border-e border-base-300">
          <InTheWay
            desk={desk}
            onAsk={(point) => list.ask(point)}
            onGo={goTo}
            onSettleAll={() => openUp({ settlingAll: true })}
          />
          <Evidence
            work={papers}
            canWork={desk.may.work}
            open={paper}
            onOpen={(each) => show(each.id)}
            onAsk={(point) => list.ask(point)}
          />
        </div>
        <div className="min-w-0 bg-base-100">
          <Panels desk={desk} work={work} open={open} onOpen={openUp} list={list} />
          <Middle
            desk={desk}
            tab={tab}
            onTab={setTab}
            chosen={chosen}
            onChoose={choose}
            onSettle={(fact, view) => openUp({ settling: { fact, view } })}
            onPaper={show}
            onFact={(path) => leadTo((each) => each === path)}
            atFact={(fact) => (
              <AtFact
                desk={desk}
                work={work}
                open={open}
                onOpen={openUp}
                list={list}
                fact={fact}
                onSettled={(after, settled) => choose((nextDifference(after, settled.path) ?? settled).path)}
              />
            )}
            work={work}
          />
        </div>
        {openPaper ? (
          <PaperViewer
            key={openPaper.id + page}
            claim={claim}
            paper={openPaper}
            first={Number(page) || 1}
            work={papers}
            canWork={desk.may.work}
            onClose={() => lead({ paper: undefined })}
          />
        ) : (
          <Outcome
            desk={desk}
            trial={work.whatIf.data}
            all={open.working}
            onForget={() => work.whatIf.reset()}
            onFact={(path) =>
              leadTo((each) => each === path || path.startsWith(`${each}/`) || each.startsWith(`${path}/`))
            }
          />
        )}
      </div>
    </Page>
  );
}
