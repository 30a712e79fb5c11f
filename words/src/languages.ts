import { createCoreContext, translate } from '@intlify/core';
import type { Language } from '@emberfield/contract';
import { german } from './de/messages.ts';
import { english } from './en/messages.ts';
import type { UnitSystem } from './format.ts';
import type { Messages } from './messages.ts';
import type { Translate } from './translate.ts';
import { withShownNumber, wordsWith, type Words } from './words.ts';

/** All messages by language. The screens fetch a language when it is wanted; the server has them all. */
export const MESSAGES: Readonly<Record<Language, Messages>> = { en: english, de: german };

/** The words of a language in a unit system, where there are no screens. */
export const createWords = (language: Language, units: UnitSystem = 'metric'): Words =>
  wordsWith(translatorOf(language), language, units);

const translators = new Map<Language, Translate>();

/** Made once a language: a server says words in many answers. */
function translatorOf(language: Language): Translate {
  const made = translators.get(language);
  if (made) return made;
  const context = createCoreContext({
    locale: language,
    fallbackLocale: 'en',
    messages: MESSAGES as Record<Language, Record<string, string>>,
    missingWarn: false,
    fallbackWarn: false,
  });
  const translator: Translate = (key, values = {}) => {
    const n = values['n'];
    const said =
      typeof n === 'number'
        ? translate(context, key, n, { named: withShownNumber(values, language) })
        : translate(context, key, values);
    return typeof said === 'string' ? said : key;
  };
  translators.set(language, translator);
  return translator;
}
