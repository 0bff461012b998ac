import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';

export function HomeScreen() {
  const { t } = useTranslation();
  const offers = useQuery({ queryKey: ['programmes'], queryFn: () => take(api.GET('/api/programmes')) });
  return (
    <Page title={t('home.title')}>
      <h1 className="text-3xl">{t('home.title')}</h1>
      <p className="mt-2 max-w-prose text-lg">{t('home.intro')}</p>
      <Problem of={offers.error} />
      <ul className="mt-8 grid gap-4">
        {offers.data?.map((offer) => (
          <li
            key={offer.id}
            className="sheet flex flex-wrap items-center gap-x-8 gap-y-3 border-s-4 border-s-primary p-6"
          >
            <div className="min-w-0 flex-1 basis-64">
              <h2 className="text-xl">{offer.name}</h2>
              <p className="mt-1">{offer.purpose}</p>
            </div>
            <Link
              to={`/programmes/${offer.id}`}
              aria-label={`${t('home.look')}: ${offer.name}`}
              className="btn btn-primary h-auto min-h-12"
            >
              {t('home.look')}
            </Link>
          </li>
        ))}
      </ul>
    </Page>
  );
}
