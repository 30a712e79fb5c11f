import { useLocalStorage } from '@vueuse/core';
import type { Locale } from 'ant-design-vue/es/locale-provider';
import { shallowRef } from 'vue';
import type { Language } from '@emberfield/contract';
import type { WantedLanguage } from './language-wanted.ts';

/** What the person chose, kept on this device so that it is known before anything is asked of the server. */
export const wantedLanguage = useLocalStorage<WantedLanguage>('emberfield-language', 'device');

/** The language that the screens speak now. */
export const spoken = shallowRef<Language>('en');

/** What the library says of itself (days of its calendar, "no data") in that language; none is its English. */
export const libraryWords = shallowRef<Locale | undefined>();
