import { type ReactNode, useEffect, useRef, useState } from 'react';

/** A table that scrolls by itself where it is wider than there is room, so that the page never does; by keyboard too. */
export function Scrolls({ label, children }: { label: string; children: ReactNode }) {
  const place = useRef<HTMLElement>(null);
  const [isWider, setWider] = useState(false);
  useEffect(() => {
    const at = place.current;
    if (!at || typeof ResizeObserver === 'undefined') return undefined;
    const look = new ResizeObserver(() => setWider(at.scrollWidth > at.clientWidth + 1));
    look.observe(at);
    for (const each of at.children) look.observe(each);
    return () => look.disconnect();
  }, []);
  return (
    <section
      ref={place}
      className="overflow-x-auto"
      {...(isWider ? { tabIndex: 0, 'aria-label': label } : {})}
    >
      {children}
    </section>
  );
}
