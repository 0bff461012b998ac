import { type ReactNode, useEffect, useRef } from 'react';

/** What is open at a fact, under its row; both are in view as long as they fit. */
export function AtRow({ children }: { children: ReactNode }) {
  const row = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    row.current?.scrollIntoView({ block: 'nearest' });
    row.current?.previousElementSibling?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <tr ref={row}>
      <td colSpan={5}>{children}</td>
    </tr>
  );
}
