import { QueryClient } from '@tanstack/react-query';
import { createRoot, hydrateRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import './i18n';
import './styles.css';
import { Root } from './app/Root';
import { putOnTheme } from './components/theme';

putOnTheme();

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 5_000 } } });
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
