export interface Messages {
  readonly [key: string]: string | Messages;
}

/** The same keys with other words: what every language must have, and nothing beside. */
export type Same<M> = { readonly [K in keyof M]: M[K] extends string ? string : Same<M[K]> };
