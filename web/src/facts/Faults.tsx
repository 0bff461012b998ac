import { createContext, type ReactNode, useContext } from 'react';
import { useTranslation } from 'react-i18next';
import type { Fault } from './faultsOf';

const Known = createContext<Fault[]>([]);

/** Makes what is wrong known to the fields within, so that each says its own. */
export function FaultsAtFields({ faults, children }: { faults: Fault[]; children: ReactNode }) {
  return <Known value={faults}>{children}</Known>;
}

/** What is wrong at a field, as a sentence; nothing when it is right. */
export function useFault(path: string): string | undefined {
  const { t } = useTranslation();
  const fault = useContext(Known).find((each) => each.path === path);
  return fault && t(`facts.fault.${fault.code}`);
}

/** All that is wrong or missing on a page, each leading to its field. */
export function FaultList({ faults }: { faults: Fault[] }) {
  const { t } = useTranslation();
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="sheet mb-4 border-l-4 border-l-error p-5">
      <p className="font-semibold">{t('facts.faults', { count: faults.length })}</p>
      <ul className="mt-1">
        {faults.map((fault) => (
          <li key={fault.path}>
            <button
              type="button"
              className="min-h-8 cursor-pointer text-left text-error underline"
              onClick={() => document.getElementById(`fact-${fault.path}`)?.focus()}
            >
              {fault.whose ? `${fault.whose}: ` : ''}
              {fault.label}
            </button>{' '}
            <span className="quiet">{t(`facts.fault.${fault.code}`)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
