import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { isStaff, useSession } from '../../api/session';
import { Page } from '../../components/Page';

/** An address that leads nowhere: what happened, and where to go on. */
export function NotFoundScreen() {
  const { t } = useTranslation();
  const session = useSession().data;
  const home = isStaff(session) ? '/day-sheet' : session?.role ? '/my' : '/';
  return (
    <Page title={t('notFound.title')}>
      <h1 className="text-3xl">{t('notFound.title')}</h1>
      <p className="mt-3 max-w-prose text-lg">{t('notFound.words')}</p>
      <Link to={home} className="btn btn-primary mt-6 h-auto min-h-12">
        {t(isStaff(session) ? 'notFound.toSheet' : session?.role ? 'notFound.toMine' : 'notFound.toStart')}
      </Link>
    </Page>
  );
}
