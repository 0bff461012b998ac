import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import type { NewPoint } from './FixListPanel';

const SHAPE = { ANSWER: '◆', AMOUNT: '◆', WANTED: '◈', AFTERWARDS: '◆', IMMATERIAL: '◇' };
const INK = {
  ANSWER: 'text-error',
  AMOUNT: 'text-error',
  WANTED: 'text-warning',
  AFTERWARDS: 'text-error',
  IMMATERIAL: '',
};
const EDGE = {
  ANSWER: 'border-s-error bg-base-100',
  AMOUNT: 'border-s-error bg-base-100',
  WANTED: 'border-s-warning bg-base-100',
  AFTERWARDS: 'border-s-error bg-base-100',
  IMMATERIAL: 'border-s-base-content/40',
};

type Props = {
  desk: Schemas['Desk'];
  onAsk: (point: NewPoint) => void;
  onGo: (obstacle: Schemas['Obstacle']) => void;
  onSettleAll: () => void;
};

/** What stands between this claim and a decision: what matters first, what cannot change anything last, in one step. What came up since, once it is decided. */
export function InTheWay({ desk, onAsk, onGo, onSettleAll }: Props) {
  const { t } = useTranslation();
  const isDecided = Boolean(desk.past.decision);
  const immaterial = desk.inTheWay.filter(
    (each) => each.weight === 'IMMATERIAL' && each.kind === 'FACT',
  ).length;
  const matter = desk.inTheWay.filter((each) => each.weight !== 'IMMATERIAL').length;
  if (isDecided && matter === 0) return null;
  return (
    <section className="p-3" aria-labelledby="in-the-way">
      <h2 id="in-the-way" className="!font-sans text-sm">
        {t(isDecided ? 'desk.cameUp' : 'desk.inTheWay')} · {matter}
      </h2>
      {matter === 0 && (
        <p className="mt-2">{t(desk.outcome.determined ? 'desk.nothing' : 'desk.nothingMatters')}</p>
      )}
      <ul className="mt-2 space-y-2">
        {desk.inTheWay.map((each) => (
          <li
            key={each.weight + each.path + each.title}
            className={`border border-s-4 border-base-300 p-2.5 ${EDGE[each.weight]}`}
          >
            <p className={`text-[0.8125rem] font-semibold ${INK[each.weight]}`}>
              <span aria-hidden="true">{SHAPE[each.weight]} </span>
              {each.kind === 'MATCH' ? t('desk.look') : t(`desk.${each.weight}`)}
            </p>
            <button
              type="button"
              className="mt-0.5 cursor-pointer text-start font-bold"
              onClick={() => onGo(each)}
            >
              {each.title}
            </button>
            <p className="mt-0.5">{each.detail}</p>
            {each.impact && <p className="quiet mt-0.5 text-[0.8125rem]">{each.impact}</p>}
            {each.suggestion && desk.may.work && (
              <button
                type="button"
                className="mt-1 min-h-8 cursor-pointer font-semibold text-primary"
                onClick={() => each.suggestion && onAsk(each.suggestion)}
              >
                {t('desk.ask')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {immaterial > 0 && desk.may.work && (
        <button
          type="button"
          className="mt-2 min-h-8 cursor-pointer text-start font-semibold text-primary"
          onClick={onSettleAll}
        >
          {t('desk.settleAll', { count: immaterial })}
        </button>
      )}
    </section>
  );
}
