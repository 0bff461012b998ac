import type { Schemas } from '../../api/client';
import type { useDesk } from '../../claim/useDesk';
import { FixListPanel, type NewPoint } from './FixListPanel';
import { HandOver } from './HandOver';
import { KeyList } from './KeyList';
import { MoreTime } from './MoreTime';
import { SettleAll } from './SettleAll';
import { SettlePanel } from './SettlePanel';
import { StandAside } from './StandAside';

/** What can be open above the facts. */
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
  points: NewPoint[] | undefined;
  onPoints: (points: NewPoint[] | undefined) => void;
  /** A fact was settled; the desk as it is after it. */
  onSettled: (after: Schemas['Desk'], fact: Schemas['Fact']) => void;
};

/** The forms of the desk, each open only while it is worked in. */
export function Panels({ desk, work, open, onOpen, points, onPoints, onSettled }: Props) {
  const { settling } = open;
  const closeSettling = () => {
    onOpen({ settling: undefined });
    work.settle.reset();
    work.whatIf.reset();
  };
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
      {points && desk.may.work && (
        <FixListPanel
          desk={desk}
          points={points}
          onPoints={onPoints}
          onClose={() => onPoints(undefined)}
          onSave={(list) => work.saveList.mutate(list, { onSuccess: () => onPoints(undefined) })}
          onSend={(list) => work.sendList.mutate(list, { onSuccess: () => onPoints(undefined) })}
          busy={work.saveList.isPending || work.sendList.isPending}
          problem={work.saveList.error ?? work.sendList.error}
        />
      )}
      {open.settlingAll && (
        <SettleAll
          busy={work.settleImmaterial.isPending}
          onSettle={(reason) =>
            work.settleImmaterial.mutate(reason, { onSuccess: () => onOpen({ settlingAll: false }) })
          }
          onClose={() => onOpen({ settlingAll: false })}
        />
      )}
      {settling && (
        <SettlePanel
          key={settling.fact.path + settling.view}
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
      )}
    </>
  );
}
