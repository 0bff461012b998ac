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
  /** Leads to the list of what is asked, where it is open. @returns whether it is */
  onList: () => boolean;
  /** Opens the paper behind a fact; without a fact, or where none is behind it, one that came and nobody looked at. @returns whether there is one */
  onPaper: (fact: Fact | undefined) => boolean;
  onDecide: () => void;
  onKeys: () => void;
  onNext: () => void;
  onWorking: () => void;
};

type At = { actions: Actions; desk: Schemas['Desk']; facts: Fact[]; at: number; fact: Fact | undefined };
/** What a key does where one stands. @returns whether it did something */
type Press = (here: At) => boolean;

/** All keys of the desk; the list of keys is drawn from this. */
export const DESK_KEYS = {
  j: ({ actions, facts, at }) => choose(actions, facts[Math.min(at + 1, facts.length - 1)]),
  k: ({ actions, facts, at }) => choose(actions, facts[Math.max(at - 1, 0)]),
  n: ({ actions, desk }) => choose(actions, nextDifference(desk, actions.chosen)),
  '1': (here) => settle(here, 'SAID', here.fact?.said),
  '2': (here) => settle(here, 'SHOWN', here.fact?.shown),
  '3': (here) => settle(here, 'ON_RECORD', here.fact?.onRecord),
  '4': (here) => settle(here, 'TYPED'),
  u: ({ actions, desk, fact }) => {
    if (!desk.may.work || fact?.state !== 'SETTLED') return false;
    actions.onUndo(fact);
    return true;
  },
  p: ({ actions, fact }) => actions.onPaper(fact),
  f: ({ actions, desk, fact }) => {
    if (!desk.may.work || !fact?.ask) return false;
    actions.onAsk(fact);
    return true;
  },
  l: ({ actions }) => actions.onList(),
  w: ({ actions }) => done(actions.onWorking),
  d: ({ actions, desk }) => desk.may.work && done(actions.onDecide),
  g: ({ actions }) => done(actions.onNext),
  '?': ({ actions }) => done(actions.onKeys),
} satisfies Record<string, Press>;

/** The keys of the desk, from its heading and its list of facts. */
export function useDeskKeys(actions: Actions) {
  useKeys((key) => {
    const { desk } = actions;
    if (!desk || !(key in DESK_KEYS)) return false;
    const facts = desk.facts.flatMap((group) => group.facts);
    const at = facts.findIndex((each) => each.path === actions.chosen);
    return DESK_KEYS[key as keyof typeof DESK_KEYS]({ actions, desk, facts, at, fact: facts[at] });
  });
}

/** The difference that comes after a fact, or the first one when none does. */
export function nextDifference(desk: Schemas['Desk'], path: string): Fact | undefined {
  const facts = desk.facts.flatMap((group) => group.facts);
  const at = facts.findIndex((each) => each.path === path);
  const differing = facts.filter((each) => each.state === 'DIFFERS');
  return differing.find((each) => facts.indexOf(each) > at) ?? differing[0];
}

function choose(actions: Actions, to: Fact | undefined): boolean {
  if (to) actions.onChoose(to.path);
  return to !== undefined;
}

function done(act: () => void): boolean {
  act();
  return true;
}

function settle({ actions, desk, fact }: At, view: Schemas['Settle']['view'], of?: Fact['said']): boolean {
  if (!desk.may.work || !fact?.canSettle) return false;
  if (view !== 'TYPED' && (of?.value === undefined || of.value === null)) return false;
  actions.onSettle(fact, view);
  return true;
}
