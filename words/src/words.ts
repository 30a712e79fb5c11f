import { createCoreContext, translate } from '@intlify/core';
import type { ErrorCode } from '@emberfield/contract';
import { createFormat, type Format, type UnitSystem } from './format.ts';
import { MESSAGES } from './messages.ts';
import { createSentences, type Sentences } from './sentences.ts';
import type { Translate, Values } from './translate.ts';

export interface Words extends Sentences {
  readonly t: Translate;
  readonly format: Format;
  /** What went wrong and what to do about it. */
  readonly error: (code: ErrorCode, values?: Values) => string;
}

/**
 * The words of a language in a unit system. On the web, `translator` is vue-i18n's own; elsewhere its framework-free core
 * does the same with the same messages.
 */
export function createWords(language: string, units: UnitSystem = 'metric', translator?: Translate): Words {
  const t = translator ?? coreTranslator(language);
  const format = createFormat(language, units);
  return {
    t,
    format,
    ...createSentences(t, format, language),
    error: (code, values = {}) => {
      const reason = values['reason'];
      const reasonText = typeof reason === 'string' ? t(`reasons.${reason}`) : '';
      const known = !reasonText.startsWith('reasons.') ? reasonText : '';
      return t(`errors.${code}`, {
        field: '',
        what: 'thing',
        role: '',
        today: '',
        logId: '',
        ...values,
        reasonText: known,
      }).trim();
    },
  };
}

/** The number that chooses the plural is shown as the language writes numbers. */
export function withShownNumber(values: Values, language: string): Record<string, unknown> {
  const n = values['n'];
  return typeof n === 'number'
    ? {
        ...values,
        n: new Intl.NumberFormat(language === 'en' ? 'en-GB' : language, { maximumFractionDigits: 1 }).format(n),
      }
    : { ...values };
}

function coreTranslator(language: string): Translate {
  const context = createCoreContext({
    locale: language,
    fallbackLocale: 'en',
    messages: MESSAGES,
    missingWarn: false,
    fallbackWarn: false,
  });
  return (key, values = {}) => {
    const n = values['n'];
    const said =
      typeof n === 'number'
        ? translate(context, key, n, { named: withShownNumber(values, language) })
        : translate(context, key, values);
    return typeof said === 'string' ? said : key;
  };
}
