import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Evidence } from './Evidence';
import { FactTable } from './FactTable';
import { FixListPanel, type NewPoint } from './FixListPanel';
import { InTheWay } from './InTheWay';
import { Outcome } from './Outcome';
import { PaperViewer } from './PaperViewer';
import { SettlePanel } from './SettlePanel';
import { Strip } from './Strip';
import { useDesk } from './useDesk';
import { usePapers } from './usePapers';

type Fact = Schemas['Fact'];

/** One claim: what is in the way, its facts in their views, the outcome as it stands. */
export function DeskScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const go = useNavigate();
  const work = useDesk(claim);
  const papers = usePapers(claim);
  const [paper, setPaper] = useState<Schemas['Paper']>();
  const desk = work.desk.data;
  const facts = desk?.facts.flatMap((group) => group.facts) ?? [];
  const [chosen, setChosen] = useState('');
  const [settling, setSettling] = useState<{ fact: Fact; view: Schemas['Settle']['view'] }>();
  const [points, setPoints] = useState<NewPoint[]>();
  const draft = desk?.fixList?.state === 'DRAFT' ? desk.fixList.points : [];
  const ask = (point: NewPoint) => {
    const now = points ?? draft;
    setPoints(now.some((each) => each.path === point.path) ? now : [...now, point]);
  };
  const askAbout = (fact: Fact) =>
    ask({
      path: fact.path === 'linkedBenefit/confirmed' ? 'linkedBenefit' : fact.path,
      title: fact.label,
      reason: t('list.suggestReason', { fact: `${fact.label}, ${fact.said?.text ?? ''}` }),
      good: t('list.suggestGood'),
    });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
      if (typing || event.ctrlKey || event.metaKey || event.altKey || !desk) return;
      const at = facts.findIndex((fact) => fact.path === chosen);
      const fact = facts[at];
      if (event.key === 'j') setChosen(facts[Math.min(at + 1, facts.length - 1)]?.path ?? '');
      if (event.key === 'k') setChosen(facts[Math.max(at - 1, 0)]?.path ?? '');
      if (event.key === 'w') document.getElementById('working')?.focus();
      if (!fact || !desk.canWork) return;
      if (event.key === '1' && fact.canSettle) setSettling({ fact, view: 'SAID' });
      if (event.key === '3' && fact.canSettle && fact.onRecord) setSettling({ fact, view: 'ON_RECORD' });
      if (event.key === 'f') askAbout(fact);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  if (!desk) {
    return (
      <Page title={t('loading')}>
        <Problem of={work.desk.error} />
      </Page>
    );
  }
  const startList = () => setPoints(points ?? draft);
  return (
    <Page title={`${desk.household} · ${desk.number}`} wide>
      <Strip
        desk={desk}
        points={points?.length ?? draft.length}
        onTake={() => work.takeIt.mutate()}
        onFixList={startList}
        onDecide={() => go(`/claims/${claim}/decide`)}
      />
      <Problem of={work.takeIt.error ?? work.settle.error ?? work.unsettle.error ?? work.askRegister.error} />
      <div
        className={`dense grid min-h-[calc(100vh-112px)] grid-cols-1 ${paper ? 'lg:grid-cols-[232px_minmax(0,1fr)_minmax(0,1fr)]' : 'lg:grid-cols-[232px_minmax(0,1fr)_316px]'}`}
      >
        <div className="border-r border-base-300">
          <InTheWay desk={desk} onAsk={ask} onGo={setChosen} />
          <Evidence work={papers} canWork={desk.canWork} open={paper?.id ?? ''} onOpen={setPaper} />
        </div>
        <div className="min-w-0 bg-base-100">
          {points && desk.canWork && (
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
          {settling && (
            <SettlePanel
              key={settling.fact.path + settling.view}
              fact={settling.fact}
              view={settling.view}
              busy={work.settle.isPending}
              onSettle={(wish) => work.settle.mutate(wish, { onSuccess: () => setSettling(undefined) })}
              onUndo={() =>
                work.unsettle.mutate(settling.fact.path, { onSuccess: () => setSettling(undefined) })
              }
              onClose={() => setSettling(undefined)}
            />
          )}
          <FactTable
            desk={desk}
            chosen={chosen}
            onChoose={setChosen}
            onSettle={(fact, view) => setSettling({ fact, view })}
            onAskRegister={() => work.askRegister.mutate()}
          />
        </div>
        {paper ? (
          <PaperViewer
            key={paper.id}
            claim={claim}
            paper={paper}
            work={papers}
            canWork={desk.canWork}
            onClose={() => setPaper(undefined)}
          />
        ) : (
          <Outcome desk={desk} />
        )}
      </div>
    </Page>
  );
}
