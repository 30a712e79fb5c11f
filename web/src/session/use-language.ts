import { useQueryClient } from '@tanstack/vue-query';
import { watch } from 'vue';
import { isLanguage, ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { languageWanted, type WantedLanguage } from '../platform/language-wanted.ts';
import { spoken, wantedLanguage } from '../platform/language.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useSession } from './queries.ts';
import { speak, translate } from './words.ts';

const wantedNow = () => languageWanted(wantedLanguage.value, navigator.languages);

/** Before the first screen: in English where the wanted words cannot be fetched. */
export const speakAtStart = (): Promise<void> => speak(wantedNow()).catch(() => speak('en'));

/** Chooses a language for this device, and for oneself on every other: the server learns it. */
export function useLanguage(): (wanted: WantedLanguage) => Promise<void> {
  const client = useQueryClient();
  const session = useSession();
  const undo = useUndo();
  return async (wanted) => {
    const before = wantedLanguage.value;
    wantedLanguage.value = wanted;
    try {
      if (wantedNow() !== spoken.value) await speak(wantedNow());
    } catch {
      wantedLanguage.value = before;
      undo.say(translate('language.failed'));
      return;
    }
    if (session.data.value?.account) {
      // Without a signal it holds on this device only, until it is chosen again.
      await call(ROUTES.chooseLanguage, { body: { language: isLanguage(wanted) ? wanted : null } }).catch(() => null);
      await client.invalidateQueries();
    }
  };
}

/** What somebody chose elsewhere holds here as well. */
export function useChosenElsewhere(): void {
  const session = useSession();
  watch(
    () => session.data.value?.account?.language ?? null,
    async (language) => {
      if (language === null || language === wantedLanguage.value) return;
      wantedLanguage.value = language;
      if (wantedNow() !== spoken.value) await speak(wantedNow()).catch(() => undefined);
    },
    { immediate: true },
  );
}
