import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { DayField } from '../../components/DayField';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

type Props = {
  misuse: Schemas['MisuseCase'];
  /** Whether one may look into it oneself. */
  may: boolean;
  onChanged: () => void;
};

/** Who looks into an open case and until when, and taking it on. */
export function LooksInto({ misuse, may, onChanged }: Props) {
  const { t } = useTranslation();
  const name = useSession().data?.name;
  const due = misuse.dueOn ?? '';
  const [by, setBy] = useState(due);
  const lookInto = useMutation({
    mutationFn: () =>
      take(api.POST('/api/misuse/{id}/take', { params: { path: { id: misuse.id } }, body: { by } })),
    onSuccess: onChanged,
  });
  const isMine = misuse.owner === name;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    lookInto.mutate();
  };
  return (
    <>
      <p className={misuse.overdue ? 'font-semibold text-error' : ''}>
        {misuse.overdue && (
          <>
            <span aria-hidden="true">▲ </span>
            {t('misuse.overdue')}.{' '}
          </>
        )}
        {misuse.owner
          ? t('misuse.looksInto', { owner: misuse.owner, date: dateText(due, 'weekday') })
          : t('misuse.nobody', { date: dateText(due, 'weekday') })}
        .
      </p>
      {may && (
        <form className="mt-2 flex flex-wrap items-start gap-x-4" onSubmit={submit}>
          <div className="w-64 max-w-full">
            <DayField
              label={t('misuse.by')}
              error={isAbout(lookInto.error, 'by') ? (lookInto.error?.message ?? null) : null}
              value={by}
              onChange={setBy}
            />
          </div>
          <Press
            type="submit"
            className="btn btn-outline btn-primary mt-7 h-auto min-h-9"
            busy={lookInto.isPending}
          >
            {t(isMine ? 'misuse.otherDay' : 'misuse.take')}
          </Press>
        </form>
      )}
      {!isAbout(lookInto.error, 'by') && <Problem of={lookInto.error} />}
    </>
  );
}
