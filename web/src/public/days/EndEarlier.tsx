import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { DayField } from '../../components/DayField';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** Whoever goes back earlier says their last day; what is paid follows. */
export function EndEarlier({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [day, setDay] = useState('');
  const end = useMutation({
    mutationFn: () =>
      take(api.PUT('/api/my/claims/{id}/last-day', { params: { path: { id: claim } }, body: { day } })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['my-days', claim] });
      void queries.invalidateQueries({ queryKey: ['my-payments', claim] });
      void queries.invalidateQueries({ queryKey: ['my'] });
    },
  });
  const isAboutDay = isAbout(end.error, 'day');
  return (
    <form
      noValidate
      className="sheet mb-4 space-y-3 p-5"
      onSubmit={(event) => {
        event.preventDefault();
        end.mutate();
      }}
    >
      <h2 className="text-xl">{t('days.earlier')}</h2>
      <p>{t('days.earlierHow')}</p>
      {!isAboutDay && <Problem of={end.error} />}
      {end.data ? (
        <p role="status" className="font-semibold text-success">
          <span aria-hidden="true">✓ </span>
          {t('days.ended', { day: dateText(end.data.day) })}{' '}
          <Link to={`/my/${claim}/account`}>{t('hours.money')}</Link>
        </p>
      ) : (
        <>
          <DayField
            label={t('days.lastDay')}
            error={isAboutDay ? (end.error?.message ?? null) : null}
            value={day}
            onChange={setDay}
          />
          <Press
            type="submit"
            className="btn btn-primary h-auto min-h-12"
            busy={end.isPending}
            disabled={!day}
          >
            {t('days.end')}
          </Press>
        </>
      )}
    </form>
  );
}
