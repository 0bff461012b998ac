import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Scrolls } from '../../components/Scrolls';
import { AccountRow, type Deed } from './AccountRow';
import { MakeAccount } from './MakeAccount';

type Accounts = Schemas['StaffAccount'][];

const KEY = ['accounts'];

/** Accounts of staff: who has one and what they may do; supervisors make, change and close them. */
export function AccountsScreen() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const session = useSession().data;
  const accounts = useQuery({ queryKey: KEY, queryFn: () => take(api.GET('/api/accounts')) });
  const now = (all: Accounts) => queries.setQueryData(KEY, all);
  const act = useMutation({
    mutationFn: ({ id, deed }: { id: string; deed: Deed }) => done(id, deed),
    onSuccess: now,
  });
  const mayWork = session?.role === 'SUPERVISOR';
  return (
    <Page title={t('accounts.title')} wide>
      <div className="mx-auto max-w-[80rem] space-y-6 px-5 py-6">
        <div>
          <h1 className="text-3xl">{t('accounts.title')}</h1>
          <p className="quiet mt-1 max-w-3xl">{t('accounts.intro')}</p>
        </div>
        <Problem of={accounts.error ?? act.error} />
        {accounts.data && (
          <div className="sheet overflow-x-auto">
            <Scrolls label={t('accounts.title')}>
              <table className="w-full text-left">
                <thead>
                  <tr className="border-b border-base-300">
                    {(['name', 'role', 'used', 'step'] as const).map((column) => (
                      <th key={column} scope="col" className="quiet px-4 py-2 text-sm font-normal">
                        {t(`accounts.${column}`)}
                      </th>
                    ))}
                    <td />
                  </tr>
                </thead>
                <tbody>
                  {accounts.data.map((each) => (
                    <AccountRow
                      key={each.id}
                      account={each}
                      isMine={each.email === session?.email}
                      mine={session?.name ?? ''}
                      mayWork={mayWork}
                      busy={act.isPending}
                      onDeed={(deed) => act.mutate({ id: each.id, deed })}
                    />
                  ))}
                </tbody>
              </table>
            </Scrolls>
          </div>
        )}
        {mayWork && <MakeAccount onMade={now} />}
      </div>
    </Page>
  );
}

function done(id: string, deed: Deed): Promise<Accounts> {
  const params = { params: { path: { id } } };
  switch (deed.what) {
    case 'become':
      return take(api.PUT('/api/accounts/{id}/role', { ...params, body: { role: deed.role } }));
    case 'close':
      return take(api.POST('/api/accounts/{id}/close', params));
    case 'removeStep':
      return take(api.POST('/api/accounts/{id}/remove-step', params));
    case 'agree':
      return take(api.POST('/api/accounts/{id}/agree', params));
    case 'refuse':
      return take(api.POST('/api/accounts/{id}/refuse', params));
  }
}
