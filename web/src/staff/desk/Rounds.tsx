import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { dateText } from '../../i18n';

/** What was asked in each round and what came back, with before and after; the newest round first. */
export function Rounds({ lists }: { lists: Schemas['FixList'][] }) {
  const { t } = useTranslation();
  const sent = lists.filter((list) => list.state !== 'DRAFT');
  if (sent.length === 0) return null;
  return (
    <section className="border-t border-base-300 px-4 py-3" aria-labelledby="rounds">
      <h2 id="rounds" className="!font-sans text-sm">
        {t('rounds.title')}
      </h2>
      {sent.map((list, at) => (
        <details key={list.id} open={at === 0} className="mt-2">
          <summary className="cursor-pointer">
            {t('rounds.round', { round: list.round })} ·{' '}
            {t(`rounds.${list.state as 'SENT'}`, { date: dateText(list.dueOn, 'short') })}
          </summary>
          {list.points.map((point) => (
            <div key={point.path} className="mt-2 border-l-4 border-l-primary bg-base-200/60 p-2.5">
              <p className="font-bold">{point.title}</p>
              <p className="quiet">{point.reason}</p>
              {point.answeredAt ? (
                <>
                  {point.before !== null && point.before !== undefined && (
                    <p>
                      <span className="quiet">{t('desk.before')}</span> <del>{inWords(point.before)}</del>
                    </p>
                  )}
                  <p>
                    <span className="quiet">{t('desk.after')}</span>{' '}
                    <ins className="font-semibold no-underline">{inWords(point.after)}</ins>
                  </p>
                  {point.note && <p className="mt-1">“{point.note}”</p>}
                </>
              ) : (
                <p className="text-warning">
                  <span aria-hidden="true">◈ </span>
                  {t('rounds.open')}
                </p>
              )}
            </div>
          ))}
        </details>
      ))}
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
