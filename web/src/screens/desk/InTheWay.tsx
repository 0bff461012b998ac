import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import type { NewPoint } from './FixListPanel';

const SHAPE = { ANSWER: '◆', WANTED: '◈', IMMATERIAL: '◇' };
const INK = { ANSWER: 'text-error', WANTED: 'text-warning', IMMATERIAL: '' };
const EDGE = {
  ANSWER: 'border-l-error bg-base-100',
  WANTED: 'border-l-warning bg-base-100',
  IMMATERIAL: 'border-l-base-content/40',
};

type Props = { desk: Schemas['Desk']; onAsk: (point: NewPoint) => void; onGo: (path: string) => void };

/** What stands between this claim and a decision, what matters first, and what came back. */
export function InTheWay({ desk, onAsk, onGo }: Props) {
  const { t } = useTranslation();
  const answered = desk.fixList?.state === 'ANSWERED' ? desk.fixList.points : [];
  return (
    <section className="p-3" aria-labelledby="in-the-way">
      <h2 id="in-the-way" className="!font-sans text-sm">
        {t('desk.inTheWay')} · {desk.inTheWay.length}
      </h2>
      {desk.inTheWay.length === 0 && !desk.decision && <p className="mt-2">{t('desk.nothing')}</p>}
      <ul className="mt-2 space-y-2">
        {desk.inTheWay.map((each) => (
          <li
            key={each.weight + each.path + each.title}
            className={`border border-l-4 border-base-300 p-2.5 ${EDGE[each.weight]}`}
          >
            <p className={`text-[13px] font-semibold ${INK[each.weight]}`}>
              <span aria-hidden="true">{SHAPE[each.weight]} </span>
              {t(`desk.${each.weight}`)}
            </p>
            <button
              type="button"
              className="mt-0.5 cursor-pointer text-left font-bold"
              onClick={() => onGo(each.path === 'linkedBenefit' ? 'linkedBenefit/confirmed' : each.path)}
            >
              {each.title}
            </button>
            <p className="mt-0.5">{each.detail}</p>
            {each.suggestion && desk.canWork && (
              <button
                type="button"
                className="mt-1 min-h-8 cursor-pointer font-semibold text-primary"
                onClick={() => onAsk({ path: each.path, ...each.suggestion })}
              >
                {t('desk.ask')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {answered.length > 0 && (
        <>
          <h2 className="!font-sans mt-5 text-sm">{t('desk.answered')}</h2>
          {answered.map((point) => (
            <div
              key={point.path}
              className="mt-2 border border-l-4 border-base-300 border-l-primary bg-base-100 p-2.5"
            >
              <p className="font-bold">{point.title}</p>
              <p>
                <span className="quiet">{t('desk.before')}</span> <del>{inWords(point.before)}</del>
              </p>
              <p>
                <span className="quiet">{t('desk.after')}</span>{' '}
                <ins className="font-semibold no-underline">{inWords(point.after)}</ins>
              </p>
              {point.note && <p className="mt-1">“{point.note}”</p>}
            </div>
          ))}
        </>
      )}
    </section>
  );
}

/** A value of the case file, whatever its shape, on one line. */
function inWords(value: unknown): string {
  if (value === null || value === undefined) return '–';
  if (Array.isArray(value)) return value.map(inWords).join('; ') || '–';
  if (typeof value === 'object') {
    return Object.entries(value)
      .filter(([name]) => !['id', 'member', 'signedAt'].includes(name))
      .map(([, each]) => inWords(each))
      .join(' ');
  }
  return String(value);
}
