import type { Schemas } from '../../api/client';
import { useKeys } from '../../components/keys';

type Fact = Schemas['Fact'];

type Actions = {
  desk: Schemas['Desk'] | undefined;
  chosen: string;
  onChoose: (key: string) => void;
  onSettle: (fact: Fact, view: Schemas['Settle']['view']) => void;
  onUndo: (fact: Fact) => void;
  onAsk: (fact: Fact) => void;
  onOpen: (paper: string, page: number) => void;
  onDecide: () => void;
  onKeys: () => void;
  onNext: () => void;
  onWorking: () => void;
};

const VIEWS = { '1': 'SAID', '2': 'SHOWN', '3': 'ON_RECORD', '4': 'TYPED' } as const;

/** The keys of the desk, from its heading and its list of facts. */
export function useDeskKeys(actions: Actions) {
  useKeys((key) => actions.desk !== undefined && press(key, actions, actions.desk));
}

/** The difference that comes after a fact, or the first one when none does. */
export function nextDifference(desk: Schemas['Desk'], path: string): Fact | undefined {
  const facts = desk.facts.flatMap((group) => group.facts);
  const at = facts.findIndex((each) => each.path === path);
  const differing = facts.filter((each) => each.state === 'DIFFERS');
  return differing.find((each) => facts.indexOf(each) > at) ?? differing[0];
}

/** Whether the key did something. */
function press(key: string, actions: Actions, desk: Schemas['Desk']): boolean {
  const facts = desk.facts.flatMap((group) => group.facts);
  const at = facts.findIndex((each) => each.path === actions.chosen);
  const fact = facts[at];
  const choose = (to: Fact | undefined) => {
    if (to) actions.onChoose(to.path);
    return to !== undefined;
  };
  switch (key) {
    case 'j':
      return choose(facts[Math.min(at + 1, facts.length - 1)]);
    case 'k':
      return choose(facts[Math.max(at - 1, 0)]);
    case 'n':
      return choose(nextDifference(desk, actions.chosen));
    case 'w':
      actions.onWorking();
      return true;
    case 'g':
      actions.onNext();
      return true;
    case '?':
      actions.onKeys();
      return true;
    case 'p': {
      const place = fact?.shown?.from;
      if (place) actions.onOpen(place.paper, place.page);
      return Boolean(place);
    }
    default:
      return desk.may.work && work(key, actions, fact);
  }
}

function work(key: string, actions: Actions, fact: Fact | undefined): boolean {
  if (key === 'd') {
    actions.onDecide();
    return true;
  }
  if (!fact) return false;
  if (key === 'f') {
    actions.onAsk(fact);
    return true;
  }
  if (key === 'u' && fact.state === 'SETTLED') {
    actions.onUndo(fact);
    return true;
  }
  if (!fact.canSettle || !(key in VIEWS)) return false;
  const view = VIEWS[key as keyof typeof VIEWS];
  const of = { SAID: fact.said, SHOWN: fact.shown, ON_RECORD: fact.onRecord, TYPED: undefined }[view];
  if (view !== 'TYPED' && (of?.value === undefined || of?.value === null)) return false;
  actions.onSettle(fact, view);
  return true;
}
