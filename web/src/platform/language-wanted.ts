import { isLanguage, LANGUAGES, type Language } from '@emberfield/contract';

export type WantedLanguage = Language | 'device';
export const WANTED_LANGUAGES: readonly WantedLanguage[] = ['device', ...LANGUAGES];
/** Each calls itself by its own name, whatever the screen speaks. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', de: 'Deutsch' };

/** What is wanted, or the first of the browser's languages that is known here. */
export function languageWanted(wanted: WantedLanguage, ofBrowser: readonly string[]): Language {
  if (isLanguage(wanted)) return wanted;
  return ofBrowser.map((l) => l.slice(0, 2).toLowerCase()).find(isLanguage) ?? 'en';
}
