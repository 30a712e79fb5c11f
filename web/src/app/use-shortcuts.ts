import { useEventListener } from '@vueuse/core';
import { useRoute, useRouter } from 'vue-router';
import { isCommand } from '../platform/keys.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useHearthChoice } from '../hearth/use-hearth-choice.ts';
import { KEYED_VIEWS, SHORTCUTS, type ShortcutName } from './shortcuts.ts';

const AFTER_G_MS = 1500;

/** Listens for the keys of the house; never while somebody types, never with Ctrl, Alt or Meta. */
export function useShortcuts({
  openFind,
  openList,
  silent,
}: {
  readonly openFind: () => void;
  readonly openList: () => void;
  /** Whether a dialog has the keys. */
  readonly silent: () => boolean;
}): void {
  const route = useRoute();
  const router = useRouter();
  const { step, lookAt } = useDay();
  const choice = useHearthChoice();
  const undo = useUndo();
  let pressedG = -Infinity;

  const standId = (): string | null => {
    const { standId: id } = route.params;
    return typeof id === 'string' ? id : route.name === 'hearth' ? choice.standId : null;
  };
  const toStand = (name: 'take' | 'visit'): void => {
    const id = standId();
    if (id) void router.push({ name, params: { standId: id }, query: route.query });
  };
  const actions: Record<ShortcutName, () => void> = {
    find: openFind,
    list: openList,
    today: () => lookAt(null),
    dayBack: () => step(-1),
    dayOn: () => step(1),
    weekBack: () => step(-7),
    weekOn: () => step(7),
    visit: () => toStand('visit'),
    take: () => toStand('take'),
    newPatch: () => void router.push({ name: 'newPatch' }),
    undo: () => void undo.takeBack(),
  };

  useEventListener('keydown', (event) => {
    if (silent() || !isCommand(event)) return;
    if (event.timeStamp - pressedG < AFTER_G_MS) {
      pressedG = -Infinity;
      const view = KEYED_VIEWS.find((v) => v.key === event.key);
      if (view) {
        event.preventDefault();
        void router.push({ name: view.name, query: route.query['day'] ? { day: route.query['day'] } : {} });
        return;
      }
    }
    if (event.key === 'g') {
      pressedG = event.timeStamp;
      return;
    }
    const shortcut = SHORTCUTS.find((s) => s.key === event.key);
    if (!shortcut) return;
    event.preventDefault();
    actions[shortcut.name]();
  });
}
