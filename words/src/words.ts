import type { ErrorCode } from '@emberfield/contract';
import { createFormat, sayNumber, type Format, type UnitSystem } from './format.ts';
import { createSentences, type Sentences } from './sentences.ts';
import type { Translate, Values } from './translate.ts';

export interface Words extends Sentences {
  readonly t: Translate;
  readonly format: Format;
  /** What went wrong and what to do about it. */
  readonly error: (code: ErrorCode, values?: Values) => string;
}

/** The words of a language in a unit system, said by `t`: on the web that is the translator of the screens. */
export function wordsWith(t: Translate, language: string, units: UnitSystem = 'metric'): Words {
  const format = createFormat(language, units);
  return {
    t,
    format,
    ...createSentences(t, format, language),
    error: (code, { what = 'thing', ...values } = {}) => {
      const reason = values['reason'];
      const reasonText = typeof reason === 'string' ? t(`reasons.${reason}`) : '';
      const known = !reasonText.startsWith('reasons.') ? reasonText : '';
      return t(`errors.${code}`, {
        field: '',
        today: '',
        logId: '',
        ...values,
        what: t(`things.${what}`),
        role: 'role' in values ? t(`role.${values['role']}`) : '',
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
        n: sayNumber(language, n, 1),
      }
    : { ...values };
}
