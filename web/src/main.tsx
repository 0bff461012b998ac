import { QueryClient } from '@tanstack/react-query';
import { createRoot, hydrateRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import './i18n';
import './styles.css';
import { ProblemError } from './api/client';
import { Root } from './app/Root';
import { putOnTheme } from './components/theme';

putOnTheme();

/** What the server has refused is refused the second time too; what did not reach it may. */
function onceMore(failures: number, error: Error): boolean {
  return failures < 1 && !(error instanceof ProblemError && error.status >= 400 && error.status < 500);
}

const queries = new QueryClient({ defaultOptions: { queries: { retry: onceMore, staleTime: 5_000 } } });
const root = document.getElementById('root');
const told = document.getElementById('told')?.textContent;
if (root) {
  const app = <Root queries={queries} router={(screens) => <BrowserRouter>{screens}</BrowserRouter>} />;
  if (told) {
    queries.setQueryData(['programmes'], JSON.parse(told));
    hydrateRoot(root, app);
  } else {
    createRoot(root).render(app);
  }
}
