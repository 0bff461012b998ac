import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { type Mock, vi } from 'vitest';
import { api } from '../api/client';

type Method = 'GET' | 'PUT' | 'POST';

/** What the server answers to every call of a kind, for tests; the calls are kept. */
export function served(method: Method, data: unknown): Mock {
  return spied(method).mockResolvedValue({ data, response: { ok: true, status: 200 } } as never);
}

/** The server refuses every call of a kind. @param path the fact that its problem is about */
export function refused(method: Method, detail: string, path: string): Mock {
  const error = { code: 'invalid', detail, path };
  return spied(method).mockResolvedValue({ error, response: { ok: false, status: 422 } } as never);
}

function spied(method: Method): Mock {
  return vi.spyOn(api, method) as unknown as Mock;
}

/** Shows something that asks the server, on a page of its own. */
export function renderServed(shown: ReactNode) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter>{shown}</MemoryRouter>
    </QueryClientProvider>,
  );
}
