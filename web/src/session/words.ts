import { createSharedComposable } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { createI18n } from 'vue-i18n';
import type { Language } from '@emberfield/contract';
import { withShownNumber, wordsWith, type Translate, type Words } from '@emberfield/words';
import { english } from '@emberfield/words/en';
import { libraryWords, spoken } from '../platform/language.ts';
import { useGroup } from './use-group.ts';

type Table = Record<string, Record<string, string>>;
export const i18n = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  messages: { en: english as unknown as Table, de: {} },
  missingWarn: false,
  fallbackWarn: false,
  warnHtmlMessage: false,
});

const { t } = i18n.global;
export const translate: Translate = (key, values = {}) => {
  const n = values['n'];
  return typeof n === 'number'
    ? t(key, n, { named: withShownNumber(values, spoken.value) })
    : t(key, values as Record<string, unknown>);
};

/** Has the screens speak a language; its words are fetched first. @throws where they cannot be, and nothing changes then */
export async function speak(language: Language): Promise<void> {
  // English is always there; who never read German never fetches it.
  if (language === 'de' || spoken.value === 'de') {
    const { german, library, nameDays } = await import('./german.ts');
    i18n.global.setLocaleMessage('de', german as unknown as Table);
    libraryWords.value = language === 'de' ? library : undefined;
    nameDays(language);
  }
  i18n.global.locale.value = language;
  spoken.value = language;
  document.documentElement.lang = language;
}

/** Sentences, dates and units in the language of the page and the units of the group. */
export const useWords = createSharedComposable((): ComputedRef<Words> => {
  const { group } = useGroup();
  return computed(() => wordsWith(translate, spoken.value, group.value?.units ?? 'metric'));
});
