/** Who may call a route. The roles include each other: a keeper may what a picker may, a picker what a watcher may. */
export type Who = 'anyone' | 'signedIn' | 'watcher' | 'picker' | 'keeper';
export type Method = 'get' | 'post' | 'put' | 'delete';

export interface Route<Body = unknown, Answer = unknown> {
  readonly method: Method;
  readonly path: string;
  readonly who: Who;
  /** `null` for none, "bytes" for a raw file. */
  readonly body: 'json' | 'bytes' | null;
  readonly query: readonly string[];
  /** Largest file taken, where it is not the usual limit. */
  readonly mostBytes: number | null;
  /** What it changes nobody sees yet: the others of the group are not told. */
  readonly quiet: boolean;
  /** Never set: carry the types. */
  readonly given?: Body;
  readonly answer?: Answer;
}

/** Who names a body's type says that it is JSON. */
type Options<Body> = (Body extends null ? { readonly body?: 'bytes' } : { readonly body: 'json' }) & {
  readonly query?: readonly string[];
  readonly mostBytes?: number;
  readonly quiet?: boolean;
};

/** `route('put', '/api/…', 'watcher')<Answer, Body>({ body: 'json' })`; without a body `<Answer>()`. */
export const route =
  (method: Method, path: string, who: Who) =>
  <Answer, Body = null>(
    ...[options]: Body extends null ? [options?: Options<Body>] : [options: Options<Body>]
  ): Route<Body, Answer> => ({
    method,
    path,
    who,
    body: options?.body ?? null,
    query: options?.query ?? [],
    mostBytes: options?.mostBytes ?? null,
    quiet: options?.quiet ?? false,
  });
