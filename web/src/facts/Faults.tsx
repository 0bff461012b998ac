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
  return useFaults()(path);
}

/** The same for any of several fields. */
export function useFaults(): (path: string) => string | undefined {
  const { t } = useTranslation();
  const known = useContext(Known);
  return (path) => {
    const fault = known.find((each) => each.path === path);
    return fault && (fault.sentence ?? t(`facts.fault.${fault.code}`));
  };
}

type ListProps = {
  faults: Fault[];
  /** What is said above them; how many there are unless given. */
  title?: string;
  /** Leads to the field of one; it is on the same page unless given. */
  onGo?: (fault: Fault) => void;
};

/** To its field, or to the first one of what it is about. */
const toField = ({ path }: Fault) =>
  (
    document.getElementById(`fact-${path}`) ??
    document.querySelector<HTMLElement>(`[id^="fact-${CSS.escape(path)}"]`)
  )?.focus();

/** All that is wrong or missing, each leading to its field. */
export function FaultList({ faults, title, onGo = toField }: ListProps) {
  const { t } = useTranslation();
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="sheet mb-4 border-s-4 border-s-error p-5">
      <p className="font-semibold">{title ?? t('facts.faults', { count: faults.length })}</p>
      <ul className="mt-1">
        {faults.map((fault) => (
          <li key={fault.path + fault.label}>
            <button
              type="button"
              className="min-h-8 cursor-pointer text-start text-error underline"
              onClick={() => onGo(fault)}
            >
              {fault.whose ? `${fault.whose}: ` : ''}
              {fault.label}
            </button>{' '}
            <span className="quiet">{fault.sentence ?? t(`facts.fault.${fault.code}`)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
