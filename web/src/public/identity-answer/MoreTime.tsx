import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import type { useIdentity } from './useIdentity';

const MOST_DAYS = 10;

/** More time, once: one press and a reason. */
export function MoreTime({ later }: { later: ReturnType<typeof useIdentity>['later'] }) {
  const { t } = useTranslation();
  const [why, setWhy] = useState('');
  return (
    <form
      className="mt-4 space-y-3 border-t border-base-300 pt-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        later.mutate({ days: MOST_DAYS, why });
      }}
    >
      <Problem of={later.error} />
      <TextField label={t('who.later.why')} value={why} onChange={setWhy} />
      <Press type="submit" className="btn btn-outline btn-primary h-auto min-h-11" busy={later.isPending}>
        {t('who.later.do')}
      </Press>
    </form>
  );
}
