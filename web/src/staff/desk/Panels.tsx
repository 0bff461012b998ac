import type { Schemas } from '../../api/client';
import type { useDesk } from '../../claim/useDesk';
import { AtRow } from './AtRow';
import { FixListPanel } from './FixListPanel';
import { HandOver } from './HandOver';
import { KeyList } from './KeyList';
import { MoreTime } from './MoreTime';
import { SettleAll } from './SettleAll';
import { SettlePanel } from './SettlePanel';
import { StandAside } from './StandAside';
import type { useFixList } from './useFixList';

/** What can be open above the facts, or at one of them. */
export type Open = {
  settling: { fact: Schemas['Fact']; view: Schemas['Settle']['view'] } | undefined;
  settlingAll: boolean;
  keys: boolean;
  handOver: Schemas['Colleague'] | undefined;
  standAside: boolean;
  /** All of the working, and not only what decides. */
  working: boolean;
};

type Props = {
  desk: Schemas['Desk'];
  work: ReturnType<typeof useDesk>;
  open: Open;
  onOpen: (what: Partial<Open>) => void;
  list: ReturnType<typeof useFixList>;
};

/** The forms of the desk that are about the whole claim, each open only while it is worked in. */
export function Panels({ desk, work, open, onOpen, list }: Props) {
  return (
    <>
      {open.keys && <KeyList onClose={() => onOpen({ keys: false })} />}
      {open.handOver && (
        <HandOver
          to={open.handOver}
          busy={work.handOver.isPending}
          onDo={(to) => work.handOver.mutate(to, { onSuccess: () => onOpen({ handOver: undefined }) })}
          onClose={() => onOpen({ handOver: undefined })}
        />
      )}
      {open.standAside && (
        <StandAside
          busy={work.standAside.isPending}
          onDo={() => work.standAside.mutate(undefined, { onSettled: () => onOpen({ standAside: false }) })}
          onClose={() => onOpen({ standAside: false })}
        />
      )}
      {desk.asking.moreTime && desk.may.work && (
        <MoreTime asked={desk.asking.moreTime} onAnswer={(answer) => work.answerTime.mutate(answer)} />
      )}
      {list.points && list.at === '' && <WrittenList desk={desk} work={work} list={list} />}
      {open.settlingAll && (
        <SettleAll
          busy={work.settleImmaterial.isPending}
          onSettle={(reason) =>
            work.settleImmaterial.mutate(reason, { onSuccess: () => onOpen({ settlingAll: false }) })
          }
          onClose={() => onOpen({ settlingAll: false })}
        />
      )}
    </>
  );
}

type AtFactProps = Pick<Props, 'desk' | 'work' | 'open' | 'onOpen' | 'list'> & {
  fact: Schemas['Fact'];
  /** A fact was settled; the desk as it is after it. */
  onSettled: (after: Schemas['Desk'], fact: Schemas['Fact']) => void;
};

/** What is open at one fact: settling it, or the list of what is asked, where it was asked about here. */
export function AtFact({ desk, work, open, onOpen, list, fact, onSettled }: AtFactProps) {
  const { settling } = open;
  const closeSettling = () => {
    onOpen({ settling: undefined });
    work.settle.reset();
    work.whatIf.reset();
  };
  return (
    <>
      {list.points && list.at === fact.path && desk.may.work && (
        <AtRow>
          <WrittenList desk={desk} work={work} list={list} />
        </AtRow>
      )}
      {settling?.fact.path === fact.path && (
        <AtRow>
          <SettlePanel
            key={settling.view}
            fact={settling.fact}
            view={settling.view}
            busy={work.settle.isPending}
            problem={work.settle.error ?? work.whatIf.error}
            onSettle={(wish) =>
              work.settle.mutate(wish, {
                onSuccess: (after) => {
                  closeSettling();
                  onSettled(after, settling.fact);
                },
              })
            }
            onTry={(value) => work.whatIf.mutate(value)}
            onUndo={() => work.unsettle.mutate(settling.fact.path, { onSuccess: closeSettling })}
            onClose={closeSettling}
          />
        </AtRow>
      )}
    </>
  );
}

function WrittenList({ desk, work, list }: Pick<Props, 'desk' | 'work' | 'list'>) {
  if (!list.points || !desk.may.work) return null;
  return (
    <FixListPanel
      desk={desk}
      points={list.points}
      onPoints={list.setPoints}
      terms={list.terms}
      onTerms={list.onTerms}
      onClose={list.close}
      onSave={(wish) => work.saveList.mutate(wish, { onSuccess: list.close })}
      onSend={(wish) => work.sendList.mutate(wish, { onSuccess: list.close })}
      busy={work.saveList.isPending || work.sendList.isPending}
      problem={work.saveList.error ?? work.sendList.error}
    />
  );
}
