import { type QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { type ReactNode, StrictMode } from 'react';
import { App } from './App';

type Props = {
  queries: QueryClient;
  /** The router around the screens: the browser's, or one that stands still while a page is written out. */
  router: (screens: ReactNode) => ReactNode;
};

/** All that stands around the screens; the same in the browser and where the first page is written out. */
export function Root({ queries, router }: Props) {
  return (
    <StrictMode>
      <QueryClientProvider client={queries}>{router(<App />)}</QueryClientProvider>
    </StrictMode>
  );
}
