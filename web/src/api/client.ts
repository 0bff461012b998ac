import createClient from 'openapi-fetch';
import { tellEnded, tellOther } from './ended';
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
function csrfToken(): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(TOKEN));
  return found ? decodeURIComponent(found.slice(TOKEN.length)) : '';
}

let whose = '';

/** Whose page this is from now on; empty when nobody's. */
export function actFor(account: string | null | undefined) {
  whose = account ?? '';
}

/** What goes with every call: proof that this page makes it, and whose page it is, should another tab sign in. */
export function ownHeaders(): Record<string, string> {
  return { 'X-XSRF-TOKEN': csrfToken(), ...(whose ? { 'X-Account': whose } : {}) };
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
  onRequest({ request, schemaPath }) {
    const { 'X-XSRF-TOKEN': token = '', 'X-Account': account } = ownHeaders();
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token);
    if (account && schemaPath !== '/api/session') request.headers.set('X-Account', account);
    return request;
  },
  onResponse({ response, schemaPath }) {
    if (response.status === 401 && schemaPath !== '/api/session') tellEnded(true);
    if (response.status === 412) tellOther();
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
