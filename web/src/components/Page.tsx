import { type ReactNode, useEffect } from 'react';
import { isStaff, useSession } from '../api/session';
import { Bar } from './Bar';
import type { Command } from './commands';
import { Footer } from './Footer';
import { fontsAfterPage } from './fonts';
import { Network } from './Network';
import { useHeadingFocus } from './useHeadingFocus';

type Props = {
  title: string;
  wide?: boolean;
  /** What can be done on this page from the search field. */
  commands?: Command[];
  /** Whether another page is about to take its place: nothing is offered to type into that would be lost then. */
  passing?: boolean;
  /** Whether its contents are on their way: what can wait comes after them. */
  waiting?: boolean;
  children: ReactNode;
};

/** The bar on top, the page below it and, on the public side, the help; sets the document's title. */
export function Page({
  title,
  wide = false,
  commands = [],
  passing = false,
  waiting = passing,
  children,
}: Props) {
  const staff = isStaff(useSession().data);
  useEffect(() => {
    document.title = `${title} · Civitane`;
  }, [title]);
  useHeadingFocus();
  useEffect(() => {
    if (!waiting) fontsAfterPage();
  }, [waiting]);
  return (
    <>
      <Bar commands={commands} finds={!passing} />
      <Network />
      <main id="page" tabIndex={-1} className={wide ? 'grow' : 'mx-auto w-full max-w-[66rem] grow px-5 py-8'}>
        {children}
      </main>
      {!staff && <Footer />}
    </>
  );
}
