import { computed, ref } from 'vue';
import {
  AMOUNT_RULES,
  amountCard,
  answered,
  nextCards,
  isDeadly,
  pairCards,
  photoCards,
  signCards,
  stageCards,
  type CardState,
  type PracticeCard,
} from '@emberfield/core/practice';
import { SIGNS } from '@emberfield/contract';
import { chanceOf } from '@emberfield/core/random';
import { useProfiles } from '../plants/queries.ts';
import { useKnownPhotos, usePatches } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';

const A_DRILL = 5;
/** Of a group with very many plants as many as somebody can learn in a winter. */
const MOST_PLANTS = 40;

/** Cards of the plants of the group's stands, and what is known of each; it lies on this device, under whoever is signed in. */
export function usePractice() {
  const { groupId } = useGroup();
  const patches = usePatches(groupId);
  const keys = computed(() =>
    [...new Set((patches.data.value ?? []).flatMap((p) => p.stands.map((s) => s.plantKey)))]
      .sort()
      .slice(0, MOST_PLANTS),
  );
  const profiles = useProfiles(groupId, keys);
  // Without them there are the other cards: nothing waits for pictures.
  const photos = useKnownPhotos(groupId);
  const states = useDraft<Record<string, CardState>>('practice', {});
  const cards = ref<readonly PracticeCard[]>([]);
  const at = ref(0);
  const known = ref(0);
  const isDue = (state: CardState): boolean => state.due <= new Date().toISOString();
  const due = computed(() => Object.values(states.value).filter(isDue).length);
  function begin(): void {
    const now = new Date();
    // Other figures and another order each time, so that nobody learns where the answer stands.
    const chance = chanceOf(now.getTime() % 2 ** 31);
    const all = [
      ...photoCards(photos.data.value ?? [], profiles.value.all ?? [], chance),
      ...pairCards(profiles.value.all ?? [], chance),
      ...stageCards(profiles.value.all ?? [], chance),
      ...signCards(profiles.value.all ?? [], SIGNS, chance),
      ...AMOUNT_RULES.map((rule) => amountCard(rule, chance)),
    ];
    const asked = nextCards(all, states.value, { now, most: A_DRILL });
    // Where all was asked and nothing is due, whoever wants to goes on with what comes next.
    const rest = [...all].sort((a, b) =>
      (states.value[a.key]?.due ?? '').localeCompare(states.value[b.key]?.due ?? ''),
    );
    cards.value = [...asked, ...rest.filter((c) => !asked.includes(c))].slice(0, A_DRILL);
    at.value = 0;
    known.value = 0;
  }
  function answer(right: boolean, sure: boolean): CardState {
    const card = cards.value[at.value]!;
    const state = answered(states.value[card.key] ?? null, { right, sure }, isDeadly(card), new Date());
    states.value = { ...states.value, [card.key]: state };
    if (right && sure) known.value += 1;
    return state;
  }
  return { profiles, patches, keys, cards, at, known, due, begin, answer };
}
