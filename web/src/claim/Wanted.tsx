import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { dateText } from '../i18n';

/** What is still wanted from the applicant on a claim, by when, with the button that leads there. */
export function Wanted({ claim }: { claim: Schemas['MyClaim'] }) {
  const { t } = useTranslation();
  if (claim.wanted) {
    return (
      <div className="mt-4">
        <p className="mb-2 font-semibold text-warning">
          <span aria-hidden="true">◈ </span>
          {t('my.wanted', { what: claim.wanted, until: dateText(claim.wantedBy) })}
        </p>
        <Link to={`/my/${claim.id}/${claim.wantedAt}`} className="btn btn-primary h-auto min-h-12">
          {t(`my.at.${claim.wantedAt as 'papers'}`)}
        </Link>
      </div>
    );
  }
  if (claim.papersWanted === 0) return null;
  return (
    <div className="mt-4">
      <p className="mb-2 font-semibold text-warning">
        <span aria-hidden="true">◈ </span>
        {t('my.papersWantedBy', { count: claim.papersWanted, until: dateText(claim.decideBy) })}
      </p>
      <Link to={`/my/${claim.id}/papers`} className="btn btn-primary h-auto min-h-12">
        {t('my.at.papers')}
      </Link>
    </div>
  );
}
