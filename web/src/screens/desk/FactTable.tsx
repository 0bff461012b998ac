import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

type Fact = Schemas['Fact'];
type Props = {
  desk: Schemas['Desk'];
  chosen: string;
  onChoose: (path: string) => void;
  onSettle: (fact: Fact, view: Schemas['Settle']['view']) => void;
  onAskRegister: () => void;
};

/** The facts in their views, grouped by person. */
export function FactTable({ desk, chosen, onChoose, onSettle, onAskRegister }: Props) {
  const { t } = useTranslation();
  return (
    <>
      <table className="w-full table-fixed">
        <thead>
          <tr className="row-line text-left text-[13px]">
            <th className="w-[24%] px-4 py-2 font-normal">{t('desk.fact')}</th>
            <th className="w-[24%] font-normal">
              {t('desk.said')} <span className="key">1</span>
            </th>
            <th className="w-[24%] font-normal">
              {t('desk.record')} <span className="key">3</span>
            </th>
            <th className="font-normal">{t('desk.settledHead')}</th>
          </tr>
        </thead>
        {desk.facts.map((group) => (
          <tbody key={group.title}>
            <tr className="row-line bg-base-200/60">
              <th colSpan={4} scope="rowgroup" className="px-4 py-1.5 text-left font-normal">
                <span className="told text-base">{group.title}</span>{' '}
                <span className="quiet">{group.subtitle}</span>
              </th>
            </tr>
            {group.facts.map((fact) => (
              <tr
                key={fact.path}
                aria-selected={fact.path === chosen}
                className={`row-line align-top ${fact.state === 'DIFFERS' ? 'bg-error/5' : ''} ${fact.path === chosen ? 'outline-2 -outline-offset-2 outline-primary' : ''}`}
                onClick={() => onChoose(fact.path)}
              >
                <td className="px-4 py-2">{fact.label}</td>
                <td className={`py-2 pr-3 break-words ${fact.state === 'DIFFERS' ? 'unlike' : ''}`}>
                  {fact.said?.text}
                </td>
                <td className="py-2 pr-3 break-words">
                  {fact.onRecord ? (
                    <span className={fact.state === 'DIFFERS' ? 'unlike' : ''}>{fact.onRecord.text}</span>
                  ) : (
                    <span className="quiet">{t('desk.notAsked')}</span>
                  )}
                  {fact.onRecord?.note && (
                    <span className="quiet block text-[13px]">{fact.onRecord.note}</span>
                  )}
                  {fact.state === 'AWAITED' && desk.canWork && (
                    <button
                      type="button"
                      className="block min-h-7 cursor-pointer font-semibold text-primary"
                      onClick={onAskRegister}
                    >
                      {t('desk.askRegister')}
                    </button>
                  )}
                </td>
                <td className="py-2 pr-4">
                  <Settled fact={fact} canWork={desk.canWork} onSettle={onSettle} />
                </td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
      <History desk={desk} />
    </>
  );
}

function Settled({ fact, canWork, onSettle }: { fact: Fact; canWork: boolean; onSettle: Props['onSettle'] }) {
  const { t } = useTranslation();
  const label =
    fact.state === 'SETTLED'
      ? `✓ ${fact.settled?.text ?? ''}`
      : fact.state === 'DIFFERS'
        ? `≠ ${t('desk.differs')}`
        : fact.state === 'AWAITED'
          ? `◈ ${t('desk.awaited')}`
          : `✓ ${t('desk.as')}`;
  const ink =
    fact.state === 'DIFFERS'
      ? 'text-error font-semibold'
      : fact.state === 'AWAITED'
        ? 'text-warning'
        : 'text-success';
  return (
    <>
      {canWork && fact.canSettle ? (
        <button
          type="button"
          className={`cursor-pointer text-left ${ink}`}
          title={t('desk.settleTitle', { fact: fact.label })}
          onClick={() => onSettle(fact, fact.settled?.view ?? 'SAID')}
        >
          {label}
        </button>
      ) : (
        <span className={ink}>{label}</span>
      )}
      {fact.settled && (
        <span className="quiet block text-[13px]">
          {t('desk.by', { by: fact.settled.by, when: fact.settled.when, reason: fact.settled.reason })}
        </span>
      )}
    </>
  );
}

function History({ desk }: { desk: Schemas['Desk'] }) {
  const { t } = useTranslation();
  return (
    <section className="px-4 py-4" aria-labelledby="history">
      <h2 id="history" className="!font-sans text-sm">
        {t('desk.history')}
      </h2>
      <ul className="mt-1">
        {desk.history.map((line, i) => (
          <li key={`${line.when}${i}`} className="flex gap-3 py-0.5">
            <span className="quiet w-24 shrink-0">{line.when}</span>
            <span>
              <strong>{line.who}</strong> {line.sentence}
            </span>
          </li>
        ))}
      </ul>
      <p className="quiet mt-3 text-[13px]">{t('desk.keys')}</p>
    </section>
  );
}
