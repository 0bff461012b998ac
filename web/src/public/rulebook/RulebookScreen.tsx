import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** The policy tables as the database holds them. */
export function RulebookScreen() {
  const { t } = useTranslation();
  const tables = useQuery({ queryKey: ['policy'], queryFn: () => take(api.GET('/api/policy')) });
  return (
    <Page title={t('rulebook.title')}>
      <h1 className="text-2xl">{t('rulebook.title')}</h1>
      <p className="mt-1">{t('rulebook.intro')}</p>
      <Problem of={tables.error} />
      <div className="dense mt-6 grid gap-6 md:grid-cols-2">
        {tables.data?.map((version) => (
          <section key={`${version.table} ${version.effective}`} className="sheet p-4">
            <h2 className="text-lg">{version.table}</h2>
            <p className="quiet">{t('rulebook.from', { date: dateText(version.effective) })}</p>
            <table className="mt-2 w-full">
              <thead className="sr-only">
                <tr>
                  <th>{t('rulebook.figure')}</th>
                  <th>{t('rulebook.value')}</th>
                </tr>
              </thead>
              <tbody>
                {Object.entries(version.figures).map(([name, values]) => (
                  <tr key={name} className="row-line">
                    <td className="py-1.5 pr-4">{name}</td>
                    <td className="text-right">{values.join(' · ')}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </Page>
  );
}
