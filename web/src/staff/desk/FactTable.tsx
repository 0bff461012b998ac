import { Fragment, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { FROM_HERE } from '../../components/keys';
import { marked } from '../../components/marked';

type Fact = Schemas['Fact'];
type View = Schemas['Settle']['view'];
type Props = {
  desk: Schemas['Desk'];
  chosen: string;
  onChoose: (path: string) => void;
  onSettle: (fact: Fact, view: View) => void;
  onPaper: (paper: string, page: number) => void;
  /** What is open at a fact, as rows of the table. */
  atFact: (fact: Fact) => ReactNode;
};

/** The facts in their three views, grouped by person, with what differs underlined in place. */
export function FactTable({ desk, chosen, onChoose, onSettle, onPaper, atFact }: Props) {
  const { t } = useTranslation();
  const immaterial = new Set(
    desk.inTheWay.filter((each) => each.weight === 'IMMATERIAL').map((each) => each.path),
  );
  return (
    <table className="w-full table-fixed" {...FROM_HERE}>
      <thead>
        <tr className="row-line text-start text-[0.8125rem]">
          <th className="w-[22%] px-3 py-2 font-normal">{t('desk.fact')}</th>
          <th className="w-[20%] font-normal">
            {t('desk.said')} <span className="key">1</span>
          </th>
          <th className="w-[20%] font-normal">
            {t('desk.shown')} <span className="key">2</span>
          </th>
          <th className="w-[20%] font-normal">
            {t('desk.record')} <span className="key">3</span>
          </th>
          <th className="font-normal">{t('desk.settledHead')}</th>
        </tr>
      </thead>
      {desk.facts.map((group) => (
        <tbody key={group.title}>
          <tr className="row-line bg-base-200/60">
            <th colSpan={5} scope="rowgroup" className="px-3 py-1.5 text-start font-normal">
              <span className="told text-base">{group.title}</span>{' '}
              <span className="quiet">{group.subtitle}</span>
            </th>
          </tr>
          {group.facts.map((fact) => (
            <Fragment key={fact.path}>
              <tr
                tabIndex={-1}
                aria-selected={fact.path === chosen}
                className={`row-line align-top ${fact.state === 'DIFFERS' ? 'bg-error/5' : ''} ${fact.path === chosen ? 'outline-2 -outline-offset-2 outline-primary' : ''}`}
                onClick={() => onChoose(fact.path)}
              >
                <td className="px-3 py-2">
                  {fact.label}
                  {fact.note && (
                    <span
                      className={`block text-[0.8125rem] ${fact.state === 'DIFFERS' ? 'text-error' : 'quiet'}`}
                    >
                      {fact.note}
                    </span>
                  )}
                </td>
                <Shown of={fact.said} fact={fact} onPaper={onPaper} />
                <Shown of={fact.shown} fact={fact} onPaper={onPaper} />
                <Shown of={fact.onRecord} fact={fact} onPaper={onPaper} />
                <td className="py-2 pe-3">
                  <Settled
                    fact={fact}
                    immaterial={immaterial.has(fact.path)}
                    canWork={desk.may.work}
                    onSettle={onSettle}
                  />
                </td>
              </tr>
              {atFact(fact)}
            </Fragment>
          ))}
        </tbody>
      ))}
    </table>
  );
}

function Shown({
  of,
  fact,
  onPaper,
}: {
  of: Fact['said'] | undefined;
  fact: Fact;
  onPaper: Props['onPaper'];
}) {
  const { t } = useTranslation();
  if (!of) return <td className="quiet py-2 pe-2">–</td>;
  const others = [fact.said, fact.shown, fact.onRecord].map((each) => each?.text);
  const place = of.from;
  return (
    <td className="py-2 pe-2 break-words">
      {fact.state === 'DIFFERS' ? marked(of.text, others) : of.text}
      {of.note && !place && <span className="quiet mt-1 block text-[0.8125rem]">{of.note}</span>}
      {place && (
        <button
          type="button"
          className="mt-1 block cursor-pointer text-start text-[0.8125rem] font-semibold text-primary"
          title={t('desk.openPaper')}
          onClick={() => onPaper(place.paper, place.page)}
        >
          {of.note}
        </button>
      )}
    </td>
  );
}

/** What only someone said is plain ink; agreed by a paper or register, and settled by a person, each have a sign of their own. */
const STANDS = {
  SAID: { sign: '○', ink: 'quiet' },
  AGREES: { sign: '=', ink: 'text-success' },
  SETTLED: { sign: '✓', ink: 'font-semibold text-success' },
  DIFFERS: { sign: '≠', ink: 'font-semibold text-error' },
  AWAITED: { sign: '◈', ink: 'text-warning' },
} satisfies Record<Fact['state'], { sign: string; ink: string }>;

type SettledProps = {
  fact: Fact;
  /** It differs, and nothing hangs on it. */
  immaterial: boolean;
  canWork: boolean;
  onSettle: Props['onSettle'];
};

function Settled({ fact, immaterial, canWork, onSettle }: SettledProps) {
  const { t } = useTranslation();
  const { sign } = STANDS[fact.state];
  const ink = fact.state === 'DIFFERS' && immaterial ? 'quiet' : STANDS[fact.state].ink;
  const words =
    fact.state === 'SETTLED'
      ? (fact.settled?.text ?? '')
      : t(fact.state === 'DIFFERS' && immaterial ? 'desk.stands.IMMATERIAL' : `desk.stands.${fact.state}`);
  const label = (
    <>
      <span aria-hidden="true">{sign}</span> {words}
    </>
  );
  return (
    <>
      {canWork && fact.canSettle ? (
        <button
          type="button"
          className={`cursor-pointer text-start ${ink}`}
          title={t('desk.settleTitle', { fact: fact.label })}
          onClick={() => onSettle(fact, fact.settled?.view ?? 'SAID')}
        >
          {label}
        </button>
      ) : (
        <span className={ink}>{label}</span>
      )}
      {fact.settled && (
        <span className="quiet block text-[0.8125rem]">
          {t('desk.by', { by: fact.settled.by, when: fact.settled.when, reason: fact.settled.reason })}
        </span>
      )}
    </>
  );
}
