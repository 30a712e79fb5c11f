import type { ErrorBody, ErrorCode, Route } from '@emberfield/contract';

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
}

let token: string | null = null;
let notReachedText = '';
/** The session's token goes with every change; kept here, for no page to read. */
export const useToken = (next: string | null): void => void (token = next);
export const useNotReachedText = (text: string): void => void (notReachedText = text);

/** Calls a route of the contract: its body and answer are typed by it. */
export async function call<B, A>(
  route: Route<B, A>,
  { params = {}, query = {}, body, signal }: Call<NoInfer<B>> = {},
): Promise<A> {
  const path = route.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
  const asked = new URLSearchParams(
    Object.entries(query).flatMap(([k, v]) => (v === undefined ? [] : [[k, v]])),
  ).toString();
  const headers: Record<string, string> = {};
  if (token !== null && route.method !== 'get') headers['x-emberfield-token'] = token;
  if (body !== undefined)
    headers['content-type'] = body instanceof Blob ? 'application/octet-stream' : 'application/json';
  let response: Response;
  try {
    response = await fetch(`${path}${asked ? `?${asked}` : ''}`, {
      method: route.method.toUpperCase(),
      headers,
      credentials: 'same-origin',
      signal: signal ?? null,
      body: body === undefined ? null : body instanceof Blob ? body : JSON.stringify(body),
    });
  } catch (cause) {
    if (signal?.aborted) throw cause;
    throw new ApiError('notReached', notReachedText, null, null);
  }
  if (response.status === 204) return null as A;
  const answer: unknown = await response.json().catch(() => null);
  if (response.ok) return answer as A;
  const error = (answer as Partial<ErrorBody> | null)?.error;
  throw new ApiError(
    error?.code ?? 'internal',
    error?.message ?? notReachedText,
    error?.field ?? null,
    error?.reason ?? null,
  );
}
