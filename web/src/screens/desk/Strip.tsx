import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { dateText } from '../../i18n';

type Props = {
  desk: Schemas['Desk'];
  points: number;
  onTake: () => void;
  onFixList: () => void;
  onDecide: () => void;
  /** Pays at once, where the household cannot wait. */
  onApprove: () => void;
  /** To whom the claim can be given; nobody where it is not theirs to give. */
  colleagues: Schemas['Colleague'][];
  onHandOver: (to: string) => void;
};

/** The top of the desk: household, programme, state in words, days left, and the two things to do. */
export function Strip({
  desk,
  points,
  onTake,
  onFixList,
  onDecide,
  onApprove,
  colleagues,
  onHandOver,
}: Props) {
  const { t } = useTranslation();
  const open = !desk.decision && desk.state !== 'WITHDRAWN';
  const left =
    desk.daysLeft < 0
      ? t('desk.overdue', { count: -desk.daysLeft })
      : desk.daysLeft === 0
        ? t('desk.dueToday')
        : t('desk.daysLeft', { count: desk.daysLeft });
  const newest = desk.fixLists[0];
  const listOut = newest?.state === 'SENT';
  return (
    <div className="dense flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-base-300 bg-base-100 px-4 py-2.5">
      <div className="min-w-72 flex-1">
        <div className="flex flex-wrap items-baseline gap-x-3">
          <h1 className="text-xl">{desk.household}</h1>
          {desk.urgent && (
            <span className="font-semibold text-error">
              <span aria-hidden="true">▲ </span>
              {t('desk.urgent')}
            </span>
          )}
          <span className="quiet">
            {desk.programme} · {desk.number} ·{' '}
            {t('desk.received', { date: dateText(desk.receivedOn, 'short') })}
            {desk.owner && ` · ${desk.owner}`}
          </span>
          <Link to={`/claims/${desk.id}/household`}>{t('desk.household')}</Link>
          {colleagues.length > 0 && (
            <select
              aria-label={t('desk.handOver')}
              className="max-w-36 cursor-pointer font-semibold text-primary"
              value=""
              onChange={(event) => onHandOver(event.target.value)}
            >
              <option value="">{t('desk.handOver')}</option>
              {colleagues.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}
                </option>
              ))}
            </select>
          )}
        </div>
        <p className="mt-0.5">{desk.sentence}</p>
        {desk.caution && (
          <p className="mt-0.5 font-semibold text-error">
            <span aria-hidden="true">▲ </span>
            {desk.caution}
          </p>
        )}
      </div>
      {open && (
        <div className="text-right">
          <p className="quiet">{t('desk.decideBy', { date: dateText(desk.decideBy, 'short') })}</p>
          {desk.decideBy !== desk.dueBy && (
            <p className="quiet text-[13px]">
              {t('desk.dueAtFirst', { date: dateText(desk.dueBy, 'short') })}
            </p>
          )}
          <p className={`font-bold ${desk.daysLeft <= 1 ? 'text-error' : ''}`}>{left}</p>
        </div>
      )}
      {open && !desk.owner && (
        <button type="button" className="btn btn-primary h-9 min-h-9" onClick={onTake}>
          {t('desk.take')}
        </button>
      )}
      {desk.canWork && (
        <>
          <button
            type="button"
            className="btn btn-outline btn-primary h-9 min-h-9"
            disabled={listOut}
            title={listOut ? t('list.out', { date: dateText(newest.dueOn) }) : undefined}
            onClick={onFixList}
          >
            {t('desk.fixList')} · {points}
          </button>
          {desk.urgent && desk.identity.result === 'CONFIRMED' && !desk.outcome.negative && (
            <button type="button" className="btn btn-outline btn-primary h-9 min-h-9" onClick={onApprove}>
              {t('desk.payAtOnce')}
            </button>
          )}
          {desk.canDecide && (
            <button type="button" className="btn btn-primary h-9 min-h-9" onClick={onDecide}>
              {t('desk.decide')}
            </button>
          )}
        </>
      )}
    </div>
  );
}
