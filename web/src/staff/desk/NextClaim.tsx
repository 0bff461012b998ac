import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';

/** After a claim is done with: the next one on the sheet, one key away. */
export function NextClaim({ next }: { next: Schemas['Row'] | undefined }) {
  const { t } = useTranslation();
  return (
    <p role="status" className="dense border-b border-base-300 bg-base-100 px-4 py-2">
      {next ? (
        <>
          {t('desk.next')}{' '}
          <Link to={`/claims/${next.id}`} className="inline-flex min-h-9 items-center">
            {next.household}
          </Link>
          , {next.nextStep} <span className="key">g</span>
        </>
      ) : (
        <Link to="/day-sheet" className="inline-flex min-h-9 items-center">
          {t('desk.noNext')}
        </Link>
      )}
    </p>
  );
}
