import type { Schema } from 'yup';

/** Who may call a route. The roles include each other: a keeper may what a picker may, a picker what a watcher may. */
export type Who = 'anyone' | 'signedIn' | 'watcher' | 'picker' | 'keeper';
export type Method = 'get' | 'post' | 'put' | 'delete';

export interface Route<Body = unknown, Answer = unknown> {
  readonly method: Method;
  readonly path: string;
  readonly who: Who;
  /** Schema of the body; `null` for none, "bytes" for a raw file. */
  readonly body: Schema<Body> | 'bytes' | null;
  readonly query: readonly string[];
  /** Largest file taken, where it is not the usual limit. */
  readonly mostBytes: number | null;
  /** Never set: carries the answer's type. */
  readonly answer?: Answer;
}

interface Options<Body> {
  readonly body?: Schema<Body> | 'bytes';
  readonly query?: readonly string[];
  readonly mostBytes?: number;
}

/** `route('get', '/api/…', 'watcher')<Answer>({ … })`: the answer's type is given, the body's is inferred. */
export const route =
  (method: Method, path: string, who: Who) =>
  <Answer>() =>
  <Body = null>(options: Options<Body> = {}): Route<Body, Answer> => ({
    method,
    path,
    who,
    body: options.body ?? null,
    query: options.query ?? [],
    mostBytes: options.mostBytes ?? null,
  });
