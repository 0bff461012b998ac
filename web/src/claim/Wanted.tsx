import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';

/** What is still wanted from the applicant on a claim, by when, with the buttons that lead there, each once. */
export function Wanted({ claim }: { claim: Schemas['MyClaim'] }) {
  const { t } = useTranslation();
  return claim.wanted.map((each, index) => (
    <div key={each.sentence} className="mt-4">
      <p className="mb-2 font-semibold text-warning">
        <span aria-hidden="true">◈ </span>
        {each.sentence}
      </p>
      {each.at && each.at !== claim.wanted[index + 1]?.at && (
        <Link
          to={`/my/${claim.id}/${each.at}`}
          className={`btn btn-primary h-auto min-h-12 ${index > 0 ? 'btn-outline' : ''}`}
        >
          {t(`my.at.${each.at as 'papers'}`)}
        </Link>
      )}
    </div>
  ));
}

/** Whether something is wanted at a page of the claim, so that the way there stands already. */
export function isWantedAt(claim: Schemas['MyClaim'], page: string) {
  return claim.wanted.some((each) => each.at === page);
}
