import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';

const FEWEST_LETTERS = 2;

/** Finds claims by number, or by a name with tolerance for its spelling. Ctrl K leads here. */
export function SearchBox() {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const go = useNavigate();
  const q = words.trim();
  const hits = useQuery({
    queryKey: ['search', q],
    queryFn: () => take(api.GET('/api/search', { params: { query: { q } } })),
    enabled: q.length >= FEWEST_LETTERS,
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'k') {
        event.preventDefault();
        field.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const open = (id: string) => {
    setWords('');
    go(`/claims/${id}`);
  };
  return (
    <search className="relative">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const first = hits.data?.[0];
          if (first) open(first.claim.id);
        }}
      >
        <input
          ref={field}
          className="h-8 w-72 rounded border border-base-300 bg-base-200 px-2 text-sm"
          placeholder={`${t('nav.find')} · Ctrl K`}
          aria-label={t('nav.find')}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          onKeyDown={(e) => e.key === 'Escape' && setWords('')}
        />
      </form>
      {q.length >= FEWEST_LETTERS && hits.data && (
        <ul aria-label={t('sheet.found')} className="sheet dense absolute right-0 z-20 mt-1 w-[460px] py-1">
          {hits.data.length === 0 && <li className="px-3 py-2">{t('sheet.noneFound', { q })}</li>}
          {hits.data.map((hit) => (
            <li key={hit.claim.id}>
              <button
                type="button"
                className="flex w-full cursor-pointer gap-3 px-3 py-1.5 text-left hover:bg-base-200"
                onClick={() => open(hit.claim.id)}
              >
                <span className="w-24 shrink-0 tabular-nums">{hit.claim.number}</span>
                <span className="w-36 shrink-0 truncate font-semibold">{hit.claim.household}</span>
                <span className="quiet truncate">{hit.claim.nextStep}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </search>
  );
}
