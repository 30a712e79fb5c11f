export type Values = Readonly<Record<string, string | number>>;
/** Looks a message up; `n` among the values chooses the plural. */
export type Translate = (key: string, values?: Values) => string;
