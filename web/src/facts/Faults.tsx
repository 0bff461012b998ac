import { createContext, type ReactNode, useContext } from 'react';
import { useTranslation } from 'react-i18next';
import type { Fault } from './faultsOf';
import { toField } from './useLedToFirst';

const Known = createContext<Fault[]>([]);

/** Makes what is wrong known to the fields within, so that each says its own. */
export function FaultsAtFields({ faults, children }: { faults: Fault[]; children: ReactNode }) {
  return <Known value={faults}>{children}</Known>;
}

/** What is wrong at a field, as a sentence; nothing when it is right, or may stay as it is. */
export function useFault(path: string): string | undefined {
  return useFaults()(path);
}

/** The same for any of several fields. */
export function useFaults(): (path: string) => string | undefined {
  const { t } = useTranslation();
  const known = useContext(Known);
  return (path) => {
    const fault = known.find((each) => each.path === path && !each.mayStay);
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

/** All that is wrong or missing, each leading to its field; what may stay as it is by itself. */
export function FaultList({ faults, ...more }: ListProps) {
  const wrong = faults.filter((each) => !each.mayStay);
  const doubtful = faults.filter((each) => each.mayStay);
  return (
    <>
      {wrong.length > 0 && <List faults={wrong} {...more} />}
      {doubtful.length > 0 && <List faults={doubtful} {...more} doubtful />}
    </>
  );
}

function List({ faults, title, onGo = toField, doubtful = false }: ListProps & { doubtful?: boolean }) {
  const { t } = useTranslation();
  return (
    <div
      role="alert"
      className={`sheet mb-4 border-s-4 p-5 ${doubtful ? 'border-s-warning' : 'border-s-error'}`}
    >
      <p className="font-semibold">
        {title ?? t(doubtful ? 'facts.doubts' : 'facts.faults', { count: faults.length })}
      </p>
      <ul className="mt-1">
        {faults.map((fault) => (
          <li key={fault.path + fault.label} className="flex flex-wrap items-center gap-x-1">
            <button
              type="button"
              className={`min-h-11 cursor-pointer text-start underline ${doubtful ? 'text-primary' : 'text-error'}`}
              onClick={() => onGo(fault)}
            >
              {fault.whose ? `${fault.whose}: ` : ''}
              {fault.label}
            </button>
            <span className="quiet">{fault.sentence ?? t(`facts.fault.${fault.code}`)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
