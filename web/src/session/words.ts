import { computed, type ComputedRef } from 'vue';
import { createI18n } from 'vue-i18n';
import { createWords, MESSAGES, withShownNumber, type Translate, type Words } from '@emberfield/words';
import { useGroup } from './use-group.ts';

export const i18n = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  messages: MESSAGES as Record<string, Record<string, string>>,
  missingWarn: false,
  fallbackWarn: false,
  warnHtmlMessage: false,
});

const { t } = i18n.global;
const translate: Translate = (key, values = {}) => {
  const n = values['n'];
  return typeof n === 'number'
    ? t(key, n, { named: withShownNumber(values, i18n.global.locale.value) })
    : t(key, values as Record<string, unknown>);
};

/** Sentences, dates and units in the language of the page and the units of the group. */
export function useWords(): ComputedRef<Words> {
  const { group } = useGroup();
  return computed(() => createWords(i18n.global.locale.value, group.value?.units ?? 'metric', translate));
}

/** Words where no group is known yet. */
export const plainWords = createWords('en', 'metric', translate);
