import { useTranslation } from 'react-i18next';
import { useSession } from '../../api/session';
import { Page } from '../../components/Page';
import { ChangePassword } from './ChangePassword';
import { Places } from './Places';

/** One's own account, of staff and applicants alike: its password, and where it is signed in. */
export function OwnAccountScreen() {
  const { t } = useTranslation();
  const session = useSession().data;
  return (
    <Page title={t('own.title')}>
      <h1 className="text-3xl">{t('own.title')}</h1>
      <p className="mt-1">
        {session?.name} · {session?.email}
      </p>
      <div className="mt-6 grid items-start gap-6 lg:grid-cols-2">
        <ChangePassword />
        <Places />
      </div>
    </Page>
  );
}
