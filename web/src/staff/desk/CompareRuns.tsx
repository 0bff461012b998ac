import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { StepDifferences } from './StepDifferences';

type Props = { claim: string; edition: number; version: number };

/** What changed since an edition: which facts, which of them did it, and which steps read otherwise. */
export function CompareRuns({ claim, edition, version }: Props) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [since, setSince] = useState(Math.max(1, edition - 1));
  const compared = useQuery({
    queryKey: ['compare', claim, since, version],
    queryFn: () =>
      take(
        api.GET('/api/claims/{id}/compare', {
          params: { path: { id: claim }, query: { edition: since } },
        }),
      ),
    enabled: open,
  });
  const data = compared.data;
  return (
    <details className="mt-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer font-semibold text-primary">{t('compare.title')}</summary>
      <label htmlFor="since" className="mt-2 block text-[0.8125rem]">
        {t('compare.since')}
        <select
          id="since"
          className="field !min-h-8 !px-2"
          value={since}
          onChange={(event) => setSince(Number(event.target.value))}
        >
          {Array.from({ length: edition }, (_, i) => i + 1).map((each) => (
            <option key={each} value={each}>
              {t('compare.edition', { edition: each })}
            </option>
          ))}
        </select>
      </label>
      {data && (
        <div className="mt-2">
          <p>
            <del className="quiet">{data.before.headline}</del> → <strong>{data.now.headline}</strong>
          </p>
          <p className="quiet text-[0.8125rem]">
            {data.before.detail} → {data.now.detail}
          </p>
          {data.facts.length === 0 && <p className="quiet">{t('compare.nothing')}</p>}
          <ul className="mt-1 space-y-1">
            {data.facts.map((fact) => (
              <li key={fact.path}>
                <span className="quiet text-[0.8125rem]">{fact.label}</span>
                <br />
                <del>{fact.before || '–'}</del> → <ins className="no-underline">{fact.now}</ins>{' '}
                {fact.decides && <span className="font-semibold text-error">◆ {t('compare.didIt')}</span>}
              </li>
            ))}
          </ul>
          <StepDifferences steps={data.steps} />
        </div>
      )}
    </details>
  );
}
