import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';

/** The figures of the law in words, by table, each version of them beside the one before. */
export function RulebookScreen() {
  const { t } = useTranslation();
  const tables = useQuery({ queryKey: ['policy'], queryFn: () => take(api.GET('/api/policy')) });
  return (
    <Page title={t('rulebook.title')}>
      <h1 className="text-3xl">{t('rulebook.title')}</h1>
      <p className="mt-1 max-w-prose">{t('rulebook.intro')}</p>
      <Problem of={tables.error} />
      <nav aria-label={t('rulebook.tables')} className="mt-4 flex flex-wrap gap-x-6">
        {tables.data?.map((table) => (
          <a key={table.id} href={`#${table.id}`} className="inline-flex min-h-11 items-center">
            {table.title}
          </a>
        ))}
      </nav>
      {tables.data?.map((table) => (
        <PolicyTable key={table.id} table={table} />
      ))}
    </Page>
  );
}

function PolicyTable({ table }: { table: Schemas['PolicyTable'] }) {
  const { t } = useTranslation();
  return (
    <section id={table.id} className="sheet mt-6 p-5" aria-labelledby={`title-${table.id}`}>
      <h2 id={`title-${table.id}`} className="text-xl">
        {table.title}
      </h2>
      <div className="mt-2">
        <table className="w-full break-words max-sm:block">
          <thead className="max-sm:hidden">
            <tr className="row-line quiet text-start text-sm">
              <th className="py-1.5 pe-4 text-start font-normal">{t('rulebook.figure')}</th>
              {table.effective.map((from) => (
                <th key={from} className="ps-4 text-end font-normal">
                  {t('rulebook.from', { date: dateText(from) })}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="max-sm:block">
            {table.figures.map((figure) => (
              <tr
                key={figure.paragraph + figure.label}
                className="row-line align-baseline max-sm:block max-sm:py-2"
              >
                <th scope="row" className="py-1.5 pe-4 text-start font-normal max-sm:block">
                  {figure.label}
                  <span className="quiet block text-sm">{figure.paragraph}</span>
                </th>
                {figure.values.map((value, i) => (
                  <td
                    key={table.effective[i]}
                    className={`ps-4 text-end max-sm:block max-sm:ps-0 max-sm:text-start ${i > 0 && value === figure.values[0] ? 'quiet' : ''}`}
                  >
                    <span className="quiet text-sm sm:hidden">
                      {t('rulebook.from', { date: dateText(table.effective[i] ?? '') })}:{' '}
                    </span>
                    {value}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
