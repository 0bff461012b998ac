import { Button, Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { FROM_HERE } from '../../components/keys';
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
  onHandOver: (to: Schemas['Colleague']) => void;
  onStandAside: () => void;
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
  onStandAside,
}: Props) {
  const { t } = useTranslation();
  const open = !desk.past.decision && desk.strip.state !== 'WITHDRAWN';
  const left =
    desk.strip.daysLeft < 0
      ? t('desk.overdue', { count: -desk.strip.daysLeft })
      : desk.strip.daysLeft === 0
        ? t('desk.dueToday')
        : t('desk.daysLeft', { count: desk.strip.daysLeft });
  const newest = desk.asking.fixLists[0];
  const listOut = newest?.state === 'SENT';
  return (
    <div className="dense flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-base-300 bg-base-100 px-4 py-2.5">
      <div className="min-w-[min(18rem,100%)] flex-1">
        <div className="flex flex-wrap items-baseline gap-x-3">
          <h1 className="text-xl" tabIndex={-1} {...FROM_HERE}>
            {desk.strip.household}
          </h1>
          {desk.strip.urgent && (
            <span className="font-semibold text-error">
              <span aria-hidden="true">▲ </span>
              {t('desk.urgent')}
            </span>
          )}
          <span className="quiet">
            {desk.strip.programme} · {desk.strip.number} ·{' '}
            {t('desk.received', { date: dateText(desk.strip.receivedOn, 'weekday') })}
            {desk.strip.owner && ` · ${desk.strip.owner}`}
          </span>
          <Link to={`/claims/${desk.id}/household`} className="alone">
            {t('desk.household')}
          </Link>
          {colleagues.length > 0 && (
            <MenuTrigger>
              <Button className="cursor-pointer font-semibold text-primary">{t('desk.handOver')}</Button>
              <Popover className="sheet dense z-20 py-1">
                <Menu
                  onAction={(to) => {
                    const colleague = colleagues.find((each) => each.id === to);
                    if (colleague) onHandOver(colleague);
                    else onStandAside();
                  }}
                >
                  {[...colleagues, { id: 'aside', name: t('desk.iKnowThem') }].map((each) => (
                    <MenuItem
                      key={each.id}
                      id={each.id}
                      className={({ isFocused }) =>
                        `cursor-pointer px-3 py-1.5 ${isFocused ? 'bg-base-300/60' : ''}`
                      }
                    >
                      {each.name}
                    </MenuItem>
                  ))}
                </Menu>
              </Popover>
            </MenuTrigger>
          )}
        </div>
        <p className="mt-0.5">{desk.strip.sentence}</p>
        {desk.strip.caution && (
          <p className="mt-0.5 font-semibold text-error">
            <span aria-hidden="true">▲ </span>
            {desk.strip.caution}
          </p>
        )}
      </div>
      {open && (
        <div className="text-end">
          <p className="quiet">{t('desk.decideBy', { date: dateText(desk.strip.decideBy, 'weekday') })}</p>
          {desk.strip.decideBy !== desk.strip.dueBy && (
            <p className="quiet text-[0.8125rem]">
              {t('desk.dueAtFirst', { date: dateText(desk.strip.dueBy, 'weekday') })}
            </p>
          )}
          <p className={`font-bold ${desk.strip.daysLeft <= 1 ? 'text-error' : ''}`}>{left}</p>
        </div>
      )}
      {desk.may.take && (
        <button type="button" className="btn btn-primary h-auto min-h-9 " onClick={onTake}>
          {t('desk.take')}
        </button>
      )}
      {desk.may.work && (
        <>
          <button
            type="button"
            className="btn btn-outline btn-primary h-auto min-h-9 "
            disabled={listOut}
            title={listOut ? t('list.out', { date: dateText(newest.dueOn) }) : undefined}
            onClick={onFixList}
          >
            {t('desk.fixList')} · {points}
          </button>
          {desk.strip.urgent && desk.identity.result === 'CONFIRMED' && !desk.outcome.negative && (
            <button type="button" className="btn btn-outline btn-primary h-auto min-h-9 " onClick={onApprove}>
              {t('desk.payAtOnce')}
            </button>
          )}
          {desk.may.decide && (
            <button type="button" className="btn btn-primary h-auto min-h-9 " onClick={onDecide}>
              {t('desk.decide')}
            </button>
          )}
        </>
      )}
    </div>
  );
}
