import { getLocalTimeZone, parseDate, today } from '@internationalized/date';
import { useEffect, useRef } from 'react';
import {
  Button,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  Calendar as DayCalendar,
  Heading,
  I18nProvider,
  RangeCalendar,
} from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { LOOK } from './look';

type Plan = Schemas['Plan'];
type Span = { from: string; to: string };

type Look = {
  label: string;
  /** How many months stand side by side. */
  months: number;
  plan: Plan | undefined;
  holidays: string[];
  /** Days of the week, from Monday, 1, on which there is nothing to be away from. */
  free: number[];
};

/** Months on which a span is painted, from the first day to the last, by mouse, touch or keys; else only looked at. */
export function SpanMonths({
  value,
  onChange,
  ...look
}: Look & { value: Span | undefined; onChange?: (span: Span) => void }) {
  return (
    <I18nProvider locale="en-GB">
      <RangeCalendar
        aria-label={look.label}
        visibleDuration={{ months: look.months }}
        firstDayOfWeek="mon"
        pageBehavior="single"
        value={value ? { start: parseDate(value.from), end: parseDate(value.to) } : null}
        isReadOnly={onChange === undefined}
        onChange={({ start, end }) => onChange?.({ from: start.toString(), to: end.toString() })}
      >
        <Inside {...look} />
      </RangeCalendar>
    </I18nProvider>
  );
}

/** Months on which single days are painted, each on and off again. @param near a day in the month that is shown while none is painted */
export function SingleMonths({
  value,
  near,
  onChange,
  ...look
}: Look & { value: string[]; near: string | undefined; onChange: (days: string[]) => void }) {
  const first = value[0] ?? near;
  return (
    <I18nProvider locale="en-GB">
      <DayCalendar
        aria-label={look.label}
        selectionMode="multiple"
        visibleDuration={{ months: look.months }}
        firstDayOfWeek="mon"
        pageBehavior="single"
        defaultFocusedValue={first ? parseDate(first) : today(getLocalTimeZone())}
        value={value.map((day) => parseDate(day))}
        onChange={(days) => onChange(days.map((day) => day.toString()))}
      >
        <Inside {...look} />
      </DayCalendar>
    </I18nProvider>
  );
}

function Inside({ months, plan, holidays, free }: Look) {
  const { t } = useTranslation();
  const days = new Map(plan?.days.map((day) => [day.date, day]));
  return (
    <>
      <header className="mb-2 flex items-center gap-3">
        <Button
          slot="previous"
          aria-label={t('plan.earlier')}
          className="btn btn-ghost min-h-11 min-w-11 px-2"
        >
          <span aria-hidden="true">←</span>
        </Button>
        <Heading className="min-w-0 flex-1 text-center text-base" />
        <Button slot="next" aria-label={t('plan.later')} className="btn btn-ghost min-h-11 min-w-11 px-2">
          <span aria-hidden="true">→</span>
        </Button>
      </header>
      <div className="flex items-start gap-6">
        {Array.from({ length: months }, (_, month) => (
          <CalendarGrid key={month} offset={{ months: month }} className="w-full table-fixed">
            <CalendarGridHeader>
              {(day) => (
                <CalendarHeaderCell className="quiet pb-1 text-center text-sm font-normal">
                  {day}
                </CalendarHeaderCell>
              )}
            </CalendarGridHeader>
            <CalendarGridBody>
              {(date) => (
                <CalendarCell
                  date={date}
                  className={({ isSelected, isOutsideMonth, isFocusVisible }) => {
                    const look = isOutsideMonth
                      ? 'invisible'
                      : lookOf(
                          days.get(date.toString()),
                          isSelected,
                          free.includes(weekdayOf(date.toDate('UTC'))),
                        );
                    const focus = isFocusVisible ? 'outline-2 outline-offset-1 outline-primary' : '';
                    return `relative m-px flex min-h-11 cursor-pointer flex-col items-center justify-center rounded-[3px] leading-tight ${look} ${focus}`;
                  }}
                >
                  {({ formattedDate, isSelected }) => {
                    const day = days.get(date.toString());
                    const holiday = holidays.includes(date.toString());
                    const isFree = free.includes(weekdayOf(date.toDate('UTC')));
                    const words = [
                      day?.kind === 'AWAY' && t('plan.awayFor', { hours: day.hours }),
                      holiday && t('plan.holiday'),
                      isFree && day?.kind !== 'AWAY' && t('plan.free'),
                      day?.doubt,
                    ];
                    return (
                      <>
                        <Described
                          as={words.filter(Boolean).join(', ')}
                          isAway={isSelected && (!isFree || day?.kind === 'AWAY')}
                        />
                        <span className={holiday ? 'underline decoration-2 underline-offset-2' : ''}>
                          {formattedDate}
                        </span>
                        {day?.kind === 'AWAY' && (
                          <span className="text-xs">{t('plan.hours', { hours: day.hours })}</span>
                        )}
                        {day?.doubt && (
                          <span className="absolute end-0.5 top-0 text-xs" title={day.doubt}>
                            <span aria-hidden="true">◆</span>
                          </span>
                        )}
                      </>
                    );
                  }}
                </CalendarCell>
              )}
            </CalendarGridBody>
          </CalendarGrid>
        ))}
      </div>
    </>
  );
}

/**
 * The calendar names each day by its date, and calls all within a span selected: what else is seen of a day is told as its
 * description, and one on which there is nothing to be away from is not called so.
 */
function Described({ as: words, isAway }: { as: string; isAway: boolean }) {
  const place = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    const day = place.current?.closest('[role=button]');
    day?.setAttribute('aria-description', words);
    if (isAway) return;
    day?.setAttribute('aria-label', day.getAttribute('aria-label')?.replace(/ selected$/, '') ?? '');
    day?.closest('[role=gridcell]')?.setAttribute('aria-selected', 'false');
  });
  return <span ref={place} hidden />;
}

/** How a painted day looks: as the rules say of it, or until they have answered that it is painted. */
function lookOf(day: Schemas['PlanDay'] | undefined, isSelected: boolean, isFree: boolean): string {
  if (day) return LOOK[day.kind];
  if (isSelected) return 'bg-primary/25 border border-primary';
  return isFree ? 'quiet bg-base-200' : 'border border-base-300';
}

function weekdayOf(date: Date): number {
  return date.getUTCDay() || 7;
}
