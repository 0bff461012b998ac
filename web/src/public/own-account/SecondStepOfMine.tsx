import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { isStaff, useSession } from '../../api/session';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { type Kind, SetUpStep } from '../../components/SetUpStep';

const LINK = 'min-h-11 cursor-pointer font-semibold text-primary';

/** The second step of one's own account: what it is, setting it up, and doing without. */
export function SecondStepOfMine() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const staff = isStaff(useSession().data);
  const [open, setOpen] = useState<'setUp' | 'end' | null>(null);
  const mine = useQuery({
    queryKey: ['second-factor'],
    queryFn: () => take(api.GET('/api/account/second-factor')),
  });
  const now = mine.data;
  const kinds: Kind[] = staff ? ['APP'] : now?.hasMail ? ['EMAIL', 'TEXT', 'APP'] : ['TEXT', 'APP'];
  const done = () => {
    setOpen(null);
    void queries.invalidateQueries({ queryKey: ['second-factor'] });
  };
  return (
    <section className="sheet space-y-3 p-5" aria-labelledby="second-step">
      <h2 id="second-step" className="text-xl">
        {t('step.mine')}
      </h2>
      <Problem of={mine.error} />
      {now && !now.standing && <p>{t('step.off')}</p>}
      {now?.standing && (
        <p className="border-s-4 border-success ps-3">
          {t(`step.on.${now.standing.kind}`, { where: now.standing.where })}{' '}
          {t('step.left', { count: now.standing.recoveryLeft })}
        </p>
      )}
      {now && open === null && (
        <p className="flex flex-wrap gap-x-6">
          <button type="button" className={LINK} onClick={() => setOpen('setUp')}>
            {t(now.standing ? 'step.another' : 'step.setUp')}
          </button>
          {now.standing && !now.required && (
            <button type="button" className={LINK} onClick={() => setOpen('end')}>
              {t('step.end')}
            </button>
          )}
        </p>
      )}
      {open === 'setUp' && <SetUpStep kinds={kinds} askPassword onIn={done} />}
      {open === 'end' && <End onDone={done} />}
      {open !== null && (
        <button type="button" className={LINK} onClick={() => setOpen(null)}>
          {t('step.leave')}
        </button>
      )}
    </section>
  );
}

function End({ onDone }: { onDone: () => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { password: '' } });
  const end = useMutation({
    mutationFn: (body: { password: string }) => take(api.POST('/api/account/second-factor/end', { body })),
    onSuccess: onDone,
  });
  return (
    <form onSubmit={handleSubmit((proof) => end.mutate(proof))} className="space-y-4" noValidate>
      <FormText
        control={control}
        name="password"
        label={t('step.password')}
        type="password"
        autoComplete="current-password"
        problem={end.error}
        required
      />
      {!isAbout(end.error, 'password') && <Problem of={end.error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={end.isPending}>
        {t('step.end')}
      </Press>
    </form>
  );
}
