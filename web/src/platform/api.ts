import { v7 as newId } from 'uuid';
import { ROUTES, type ErrorBody, type ErrorCode, type Route } from '@emberfield/contract';
import { signal as signalOf } from './signal.ts';
import { spoken } from './language.ts';
import { sendFile } from './send-file.ts';

/** What the server refused, rebuilt: the same code and field, and its sentence. */
export class ApiError extends Error {
  constructor(
    readonly code: ErrorCode | 'notReached',
    message: string,
    readonly field: string | null,
    readonly reason: string | null,
  ) {
    super(message);
  }
}

interface Call<B> {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Readonly<Record<string, string | undefined>>;
  readonly body?: B | Blob;
  readonly signal?: AbortSignal;
  /** Told the share of a file that has gone out, 0 to 1. */
  readonly onSent?: (share: number) => void;
}

/** What this page calls itself while it is open: what it changes it need not be told of. */
export const TAB = newId();
let token: string | null = null;
let notReachedText = (): string => '';
/** The session's token goes with every change; kept here, for no page to read. */
export const useToken = (next: string | null): void => void (token = next);
export const useNotReachedText = (text: () => string): void => void (notReachedText = text);

/** When an answer was given, by the server's clock. */
const timeOf = (date: string | null | undefined): number | null => {
  const at = Date.parse(date ?? '');
  return Number.isNaN(at) ? null : at;
};

/** Calls a route of the contract: its body and answer are typed by it. @throws ApiError where it is refused or not reached */
export async function call<B, A>(
  route: Route<B, A>,
  { params = {}, query = {}, body, signal, onSent }: Call<NoInfer<B>> = {},
): Promise<A> {
  // After a start without signal nobody has given a token yet.
  if (token === null && route.method !== 'get' && route.who !== 'anyone') token = (await call(ROUTES.session)).token;
  const path = route.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
  const asked = new URLSearchParams(
    Object.entries(query).flatMap(([k, v]) => (v === undefined ? [] : [[k, v]])),
  ).toString();
  const url = `${path}${asked ? `?${asked}` : ''}`;
  const method = route.method.toUpperCase();
  // Refusals are said in the language of the screen, not in the browser's.
  const headers: Record<string, string> = { 'accept-language': spoken.value };
  if (token !== null && route.method !== 'get') headers['x-emberfield-token'] = token;
  if (route.method !== 'get') headers['x-emberfield-tab'] = TAB;
  if (body !== undefined)
    headers['content-type'] = body instanceof Blob ? 'application/octet-stream' : 'application/json';
  let response: Pick<Response, 'status' | 'ok' | 'json'> & Partial<Pick<Response, 'headers'>>;
  try {
    response =
      onSent && body instanceof Blob
        ? await sendFile(url, { method, headers, body, signal, onSent })
        : await fetch(url, {
            method,
            headers,
            credentials: 'same-origin',
            signal: signal ?? null,
            body: body === undefined ? null : body instanceof Blob ? body : JSON.stringify(body),
          });
  } catch (cause) {
    if (signal?.aborted) throw cause;
    signalOf.notReached();
    throw new ApiError('notReached', notReachedText(), null, null);
  }
  signalOf.answered(timeOf(response.headers?.get('date')));
  if (response.status === 204) return null as A;
  const answer: unknown = await response.json().catch(() => null);
  if (response.ok) return answer as A;
  const error = (answer as Partial<ErrorBody> | null)?.error;
  throw new ApiError(
    error?.code ?? 'internal',
    error?.message ?? notReachedText(),
    error?.field ?? null,
    error?.reason ?? null,
  );
}
