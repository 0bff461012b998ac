import createClient from 'openapi-fetch';
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

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

export const api = createClient<paths>({ baseUrl: '/' });

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
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
