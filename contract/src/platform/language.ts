// In which languages the screens, the refusals and the calendars speak.

export const LANGUAGES = ['en', 'de'] as const;
export type Language = (typeof LANGUAGES)[number];
export const isLanguage = (of: unknown): of is Language => (LANGUAGES as readonly unknown[]).includes(of);
