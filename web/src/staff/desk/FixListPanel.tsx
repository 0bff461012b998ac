import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { LongTextField, SelectField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';
import { dateText } from '../../i18n';
import type { Terms } from './useFixList';

export type NewPoint = { path: string; title: string; reason: string; good: string };
type List = Schemas['SaveFixList'];
type Props = {
  desk: Schemas['Desk'];
  points: NewPoint[];
  onPoints: (points: NewPoint[]) => void;
  terms: Terms;
  onTerms: (what: Partial<Terms>) => void;
  onClose: () => void;
  onSave: (list: List) => void;
  onSend: (list: List) => void;
  busy: boolean;
  problem: unknown;
};

/** The correction request being written, with a preview as the applicant will see it. */
export function FixListPanel(props: Props) {
  const { desk, points, onPoints, terms, onTerms, onClose, onSave, onSend, busy, problem } = props;
  const { t } = useTranslation();
  const [fromList] = useState(() => Boolean(document.activeElement?.closest('tr')));
  const panel = useOpened<HTMLElement>(onClose, fromList ? '' : 'textarea, button');
  const then = terms.ifNobody;
  const list: List = {
    points: points.map(({ path, title, reason, good }) => ({ path, title, reason, good })),
    dueOn: terms.dueOn,
    then,
  };
  const change = (path: string, what: Partial<NewPoint>) =>
    onPoints(points.map((point) => (point.path === path ? { ...point, ...what } : point)));
  return (
    <section ref={panel} className="border-b-2 border-warning bg-base-200/60 p-4" aria-labelledby="fix-list">
      <div className="flex items-baseline gap-4">
        <h2 id="fix-list" className="flex-1 text-lg">
          {t('list.title', { household: desk.strip.household })}
        </h2>
        <button type="button" className="cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
      {points.length === 0 && <p className="mt-2">{t('list.empty')}</p>}
      {points.map((point) => (
        <fieldset key={point.path} className="sheet mt-3 space-y-3 p-3">
          <legend className="float-start mb-2 w-full font-bold">{point.title}</legend>
          <div className="clear-both grid gap-3 xl:grid-cols-2">
            <LongTextField
              label={t('list.reason')}
              rows={3}
              value={point.reason}
              onChange={(text) => change(point.path, { reason: text })}
            />
            <LongTextField
              label={t('list.good')}
              rows={3}
              value={point.good}
              onChange={(text) => change(point.path, { good: text })}
            />
          </div>
          <button
            type="button"
            className="cursor-pointer font-semibold text-error"
            onClick={() => onPoints(points.filter((each) => each.path !== point.path))}
          >
            {t('list.remove')}
          </button>
        </fieldset>
      ))}
      {points.length > 0 && (
        <>
          <div className="mt-3 flex flex-wrap gap-4">
            <DayField
              label={t('list.until')}
              hint={t('list.latest', { date: dateText(desk.asking.latest) })}
              error={isAbout(problem, 'dueOn') && problem instanceof Error ? problem.message : null}
              value={terms.dueOn}
              onChange={(dueOn) => onTerms({ dueOn })}
            />
            <SelectField
              label={t('list.ifNobody')}
              value={terms.ifNobody}
              onChange={(value) => onTerms({ ifNobody: value === 'CLOSE' ? 'CLOSE' : 'DECIDE' })}
              options={(['DECIDE', 'CLOSE'] as const).map((value) => ({ value, label: t(`list.${value}`) }))}
            />
          </div>
          <h3 className="!font-sans mt-4 text-sm">{t('list.preview')}</h3>
          <div className="sheet mt-1 border-s-4 border-s-warning p-4 text-base">
            <p className="told text-lg">{t('fix.title')}</p>
            <p>
              {t('fix.until', { date: terms.dueOn ? dateText(terms.dueOn) : '…' })}{' '}
              {t(`fix.${terms.ifNobody}`)}
            </p>
            {points.map((point) => (
              <div key={point.path} className="mt-2">
                <p className="font-bold">{point.title}</p>
                <p className="whitespace-pre-line">{point.reason}</p>
                <p className="quiet">{t('fix.good', { good: point.good })}</p>
              </div>
            ))}
          </div>
          {!isAbout(problem, 'dueOn') && <Problem of={problem} />}
          <div className="mt-3 flex flex-wrap gap-5">
            <Press
              type="button"
              id="send-list"
              className="btn btn-primary h-auto min-h-9 "
              busy={busy}
              onClick={() => onSend(list)}
            >
              {t('list.send')}
            </Press>
            <Press
              type="button"
              className="cursor-pointer font-semibold text-primary"
              busy={busy}
              onClick={() => onSave(list)}
            >
              {t('list.save')}
            </Press>
          </div>
        </>
      )}
    </section>
  );
}
