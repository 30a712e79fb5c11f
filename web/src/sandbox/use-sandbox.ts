import { computed } from 'vue';
import { fortnightsLeft, playSandbox, SANDBOX_KINDS, type SandboxAction } from '@emberfield/core/sandbox';
import { useProfiles } from '../plants/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';

const PLANTS = SANDBOX_KINDS.map((k) => k.plant);
const newSeed = (): number => Math.floor(Math.random() * 1e9) + 1;

interface Game {
  readonly seed: number;
  readonly actions: readonly SandboxAction[];
}
function isPlayable({ seed, actions }: Game): boolean {
  try {
    playSandbox(seed, actions);
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}

/** The game that is on: its seed and what was done lie on this device, under whoever is signed in. */
export function useSandbox() {
  const { groupId } = useGroup();
  const profiles = useProfiles(groupId, PLANTS);
  const game = useDraft<Game>('sandbox', { seed: 0, actions: [] });
  // None yet, or one that was begun under other rules and cannot be played on.
  if (game.value.seed === 0 || !isPlayable(game.value)) anew();
  const state = computed(() => playSandbox(game.value.seed, game.value.actions));
  function act(...actions: readonly SandboxAction[]): void {
    game.value = { ...game.value, actions: [...game.value.actions, ...actions] };
  }
  function toEnd(): void {
    act(...Array.from({ length: fortnightsLeft(state.value) }, (): SandboxAction => ({ do: 'wait' })));
  }
  function anew(): void {
    game.value = { seed: newSeed(), actions: [] };
  }
  return { profiles, game, state, act, toEnd, anew };
}
