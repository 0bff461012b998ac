import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { dateText } from '../../i18n';

/** What was asked in each round and what came back, with before and after; the newest round first. */
export function Rounds({ asking: { fixLists, answers } }: { asking: Schemas['Asking'] }) {
  const { t } = useTranslation();
  const wordsOf = (list: string, path: string) =>
    answers.find((each) => each.list === list && each.path === path);
  const sent = fixLists.filter((list) => list.state !== 'DRAFT');
  if (sent.length === 0) return null;
  return (
    <section className="border-t border-base-300 px-4 py-3" aria-labelledby="rounds">
      <h2 id="rounds" tabIndex={-1} className="!font-sans text-sm">
        {t('rounds.title')}
      </h2>
      {sent.map((list, at) => (
        <details key={list.id} open={at === 0} className="mt-2">
          <summary className="cursor-pointer">
            {t('rounds.round', { round: list.round })} ·{' '}
            {t(`rounds.${list.state as 'SENT'}`, { date: dateText(list.dueOn, 'weekday') })}
          </summary>
          {list.points.map((point) => (
            <div key={point.path} className="mt-2 border-s-4 border-s-primary bg-base-200/60 p-2.5">
              <p className="font-bold">{point.title}</p>
              <p className="quiet whitespace-pre-line">{point.reason}</p>
              {point.answeredAt ? (
                <>
                  {wordsOf(list.id, point.path)?.before && (
                    <p>
                      <span className="quiet">{t('desk.before')}</span>{' '}
                      <del>{wordsOf(list.id, point.path)?.before}</del>
                    </p>
                  )}
                  <p>
                    <span className="quiet">{t('desk.after')}</span>{' '}
                    <ins className="font-semibold no-underline">
                      {wordsOf(list.id, point.path)?.after || '–'}
                    </ins>
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
