/** Texts stand under a language key, English always. */
export type Text = Readonly<Record<string, string>>;
