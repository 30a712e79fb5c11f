import { useQueryClient } from '@tanstack/vue-query';
import { computed, watch, type ComputedRef } from 'vue';
import { isLanguage, ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { LANGUAGE_NAMES, languageWanted, WANTED_LANGUAGES, type WantedLanguage } from '../platform/language-wanted.ts';
import { spoken, wantedLanguage } from '../platform/language.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useSession } from './queries.ts';
import { speak, translate, useWords } from './words.ts';

const ofDevice = (wanted: WantedLanguage) => languageWanted(wanted, navigator.languages);
/** @throws where the words of the language cannot be fetched */
const speakFor = async (wanted: WantedLanguage): Promise<void> => {
  if (ofDevice(wanted) !== spoken.value) await speak(ofDevice(wanted));
};

/** Before the first screen: in English where the wanted words cannot be fetched. */
export const speakAtStart = (): Promise<void> => speak(ofDevice(wantedLanguage.value)).catch(() => speak('en'));

/** What can be chosen: each language by its own name, so that it is found by whoever reads no other. */
export function useLanguageOptions(): ComputedRef<
  readonly { readonly value: WantedLanguage; readonly label: string }[]
> {
  const words = useWords();
  return computed(() =>
    WANTED_LANGUAGES.map((value) => ({
      value,
      label: value === 'device' ? words.value.t('language.device') : LANGUAGE_NAMES[value],
    })),
  );
}

/**
 * Chooses a language for this device and, of somebody who is in, for themselves on every other. What the server did not learn does
 * not hold here either: at the next start it would be what was chosen before.
 */
export function useLanguage(): (wanted: WantedLanguage) => Promise<void> {
  const client = useQueryClient();
  const session = useSession();
  const undo = useUndo();
  return async (wanted) => {
    try {
      await speakFor(wanted);
      if (session.data.value?.account)
        await call(ROUTES.chooseLanguage, { body: { language: isLanguage(wanted) ? wanted : null } });
    } catch {
      await speakFor(wantedLanguage.value);
      undo.say(translate('language.failed'), null, true);
      return;
    }
    wantedLanguage.value = wanted;
    // What the server said in the language before is asked for anew.
    await client.invalidateQueries();
  };
}

/** What somebody chose elsewhere holds here as well. */
export function useChosenElsewhere(): void {
  const session = useSession();
  const undo = useUndo();
  watch(
    () => session.data.value?.account?.language ?? null,
    async (language) => {
      if (language === null || language === wantedLanguage.value) return;
      wantedLanguage.value = language;
      await speakFor(language).catch(() => undo.say(translate('language.failed'), null, true));
    },
    { immediate: true },
  );
}
