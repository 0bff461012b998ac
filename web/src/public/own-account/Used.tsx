import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Problem } from '../../components/Problem';
import { momentText } from '../../i18n';

/** When and from where the account was used. */
export function Used() {
  const { t } = useTranslation();
  const used = useQuery({ queryKey: ['sign-ins'], queryFn: () => take(api.GET('/api/account/sign-ins')) });
  return (
    <section className="sheet p-5" aria-labelledby="used">
      <h2 id="used" className="text-xl">
        {t('own.usedTitle')}
      </h2>
      <Problem of={used.error} />
      {used.data?.length === 0 && <p className="quiet mt-2">{t('own.usedNever')}</p>}
      <ul className="mt-2 max-h-64 overflow-auto">
        {used.data?.map((each) => (
          <li
            key={each.at + each.from}
            className="flex justify-between gap-4 border-b border-base-300 py-1.5"
          >
            <span className="tabular-nums">{momentText(each.at)}</span>
            <span className="quiet tabular-nums">{each.from}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
