import createClient from 'openapi-fetch';
import { tellEnded } from './ended';
import type { components, paths } from './schema';

/** A failure as the server tells it (RFC 9457). */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    detail: string,
    readonly path: string,
    readonly claim: string,
  ) {
    super(detail);
  }
}

export type Schemas = components['schemas'];

const MESSAGE_WITHOUT_ANSWER = 'The server did not answer. What you saved before is safe. Please try again.';

const TOKEN = 'XSRF-TOKEN=';

/** What has to go with every call that changes something, so that no other site can make it. */
export function csrfToken(): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(TOKEN));
  return found ? decodeURIComponent(found.slice(TOKEN.length)) : '';
}

/** What happened, out of a problem document; empty where it is none. */
export function detailOf(body: string): string {
  try {
    return (JSON.parse(body) as { detail?: string }).detail ?? '';
  } catch {
    return '';
  }
}

export const api = createClient<paths>({ baseUrl: '/' });

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', csrfToken());
    return request;
  },
  onResponse({ response, schemaPath }) {
    if (response.status === 401 && schemaPath !== '/api/session') tellEnded(true);
  },
  onError() {
    return new ProblemError(0, 'no-answer', MESSAGE_WITHOUT_ANSWER, '', '');
  },
});

/** The answer's data, or a {@link ProblemError}. */
export async function take<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) {
    const told = (error ?? {}) as { code?: string; detail?: string; path?: string; claim?: string };
    throw new ProblemError(
      response.status,
      told.code ?? 'unexpected',
      told.detail ?? MESSAGE_WITHOUT_ANSWER,
      told.path ?? '',
      told.claim ?? '',
    );
  }
  return data as T;
}
