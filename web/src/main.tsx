import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import './i18n';
import './styles.css';
import { App } from './app/App';
import { putOnTheme } from './components/theme';

putOnTheme();

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 5_000 } } });
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
