import { defineStore } from 'pinia';
import { ref } from 'vue';

/** The line of the Hearth that is chosen; the keys act on it. */
export const useHearthChoice = defineStore('hearth-choice', () => {
  const standId = ref<string | null>(null);
  const part = ref<string | null>(null);
  const choose = (stand: string, chosenPart: string | null): void => {
    standId.value = stand;
    part.value = chosenPart;
  };
  return { standId, part, choose };
});
