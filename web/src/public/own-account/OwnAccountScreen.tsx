import { useTranslation } from 'react-i18next';
import { useSession } from '../../api/session';
import { Page } from '../../components/Page';
import { ChangePassword } from './ChangePassword';
import { CloseAccount } from './CloseAccount';
import { Places } from './Places';
import { SecondStepOfMine } from './SecondStepOfMine';
import { Used } from './Used';

/** One's own account, of staff and applicants alike: how one signs in, where one is, and closing it. */
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
        <div className="space-y-6">
          <SecondStepOfMine />
          <ChangePassword />
        </div>
        <div className="space-y-6">
          <Places />
          <Used />
          {session?.role === 'APPLICANT' && <CloseAccount />}
        </div>
      </div>
    </Page>
  );
}
