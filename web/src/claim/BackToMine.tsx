import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';

/** From a page about one's claim back to all of one's own: as high as a finger wants it, in the room of a line. */
export function BackToMine() {
  const { t } = useTranslation();
  return (
    <p className="-my-2.5 print:hidden">
      <Link to="/my" className="inline-flex min-h-11 items-center">
        {t('papers.back')}
      </Link>
    </p>
  );
}
