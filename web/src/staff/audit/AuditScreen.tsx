import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useSearchParams } from 'react-router';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';

const KINDS = ['DESPITE', 'WAIVED', 'OVERRIDDEN', 'REVOKED'] as const;
type Kind = (typeof KINDS)[number];

/** What was done out of the ordinary, one list for each kind, of everyone or of one person. */
export function AuditScreen() {
  const { t } = useTranslation();
  const [address, setAddress] = useSearchParams();
  const kind = KINDS.find((each) => each === address.get('kind')) ?? 'DESPITE';
  const by = address.get('by') ?? '';
  const choose = (to: { kind?: Kind; by?: string }) => {
    const now = { kind, by, ...to };
    setAddress({ kind: now.kind, ...(now.by ? { by: now.by } : {}) });
  };
  const staff = useQuery({ queryKey: ['staff'], queryFn: () => take(api.GET('/api/staff')) });
  const found = useInfiniteQuery({
    queryKey: ['audit', kind, by],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/audit', {
          params: { query: { kind, by, ...(pageParam ? { before: pageParam } : {}) } },
        }),
      ),
    getNextPageParam: (page) => page.before ?? undefined,
  });
  const lines = found.data?.pages.flatMap((page) => page.lines) ?? [];
  return (
    <Page title={t('audit.title')}>
      <h1 className="text-3xl">{t('audit.title')}</h1>
      <p className="mt-1 max-w-2xl">{t('audit.intro')}</p>
      <div className="dense mt-5 flex flex-wrap items-center gap-x-6 gap-y-3">
        <fieldset className="flex flex-wrap gap-1">
          <legend className="sr-only">{t('audit.which')}</legend>
          {KINDS.map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={kind === each}
              className={`min-h-9 cursor-pointer rounded px-3 ${kind === each ? 'sheet font-semibold' : ''}`}
              onClick={() => choose({ kind: each })}
            >
              {t(`audit.kind.${each}`)}
            </button>
          ))}
        </fieldset>
        <label className="flex items-center gap-2">
          <span className="quiet">{t('audit.by')}</span>
          <select
            className="field !min-h-9 w-auto"
            value={by}
            onChange={(event) => choose({ by: event.target.value })}
          >
            <option value="">{t('audit.everyone')}</option>
            {staff.data?.map((each) => (
              <option key={each.id} value={each.name}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <p className="quiet mt-3">{t(`audit.words.${kind}`)}</p>
      <Problem of={found.error} />
      {found.data && lines.length === 0 && <p className="mt-4">{t('audit.none')}</p>}
      <ul className="sheet dense mt-3 empty:hidden">
        {lines.map((line, i) => (
          <li key={`${line.claim.number}${line.when}${i}`} className="row-line px-4 py-2.5">
            <p className="flex flex-wrap gap-x-4">
              <span className="quiet w-24">{line.when}</span>
              <Link to={`/claims/${line.claim.id}?tab=history`} className="alone">
                {line.claim.household} {line.claim.number}
              </Link>
              <span className="quiet">{line.claim.programme}</span>
            </p>
            <p className="mt-0.5">
              <strong>{line.who}</strong> {line.sentence}
            </p>
          </li>
        ))}
      </ul>
      {found.hasNextPage && (
        <button
          type="button"
          className="mt-3 min-h-9 cursor-pointer font-semibold text-primary"
          onClick={() => found.fetchNextPage()}
        >
          {t('audit.more')}
        </button>
      )}
    </Page>
  );
}
