import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { FiledFacts, NotMine, NotSure } from '../../claim/WasItYou';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import type { useIdentity } from './useIdentity';

type Props = {
  mine: Schemas['MyIdentity'];
  filed: ReturnType<typeof useIdentity>['filed'];
  onBack: () => void;
  onOn: () => void;
};

/** What was filed, and the three answers to whether it was them. */
export function DidYouFile({ mine, filed, onBack, onOn }: Props) {
  const { t } = useTranslation();
  return (
    <div className="space-y-5">
      <Problem of={filed.error} />
      <FiledFacts filing={mine.filing} />
      <Press
        type="button"
        className="btn btn-primary h-auto min-h-12 w-full sm:w-auto"
        busy={filed.isPending}
        onClick={() => filed.mutate('YES', { onSuccess: onOn })}
      >
        {t('who.filed.yes')}
      </Press>
      <NotSure
        office={mine.office}
        dueOn={mine.dueOn}
        said={mine.filed === 'NOT_SURE'}
        busy={filed.isPending}
        onSay={() => filed.mutate('NOT_SURE')}
      />
      <NotMine busy={filed.isPending} onSay={() => filed.mutate('NOT_ME')} />
      <button type="button" className="min-h-11 cursor-pointer font-semibold text-primary" onClick={onBack}>
        {t('who.backToStart')}
      </button>
    </div>
  );
}
