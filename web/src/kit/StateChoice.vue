<script setup lang="ts">
import { useWords } from '../session/words.ts';
import SignDrawing from './SignDrawing.vue';
import type { StateToPress } from './sign-kinds.ts';

/** The states of a sign as drawings to press on. */
defineProps<{ sign: string; label: string; states: readonly StateToPress[] }>();
defineEmits<{ press: [state: StateToPress] }>();
const words = useWords();
/** Three states are no check box: the word says which, "not so" among them. */
const said = (sign: string, { state, mark, again, gone }: StateToPress): string => {
  const name = words.value.t(`state.${sign}.${state}`);
  if (mark === 'notSo') return words.value.t('identify.notSo', { what: name });
  if (again) return words.value.t('identify.twice', { what: name });
  return gone && mark === null ? `${name} (${words.value.t('identify.gone')})` : name;
};
</script>

<template>
  <div class="states" role="group" :aria-label="label">
    <button
      v-for="s in states"
      :key="s.state"
      type="button"
      class="state"
      :class="[s.mark ?? '', { gone: s.gone }]"
      :aria-pressed="s.mark === 'seen'"
      :aria-label="said(sign, s)"
      @click="$emit('press', s)">
      <span class="frame"><SignDrawing :sign="sign" :state="s.state" /></span>
      <span>{{ words.t(`state.${sign}.${s.state}`) }}{{ s.again ? ' ✓✓' : '' }}</span>
    </button>
  </div>
</template>

<style scoped>
.states {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  gap: 6px;
}
.state {
  border: 0;
  background: none;
  color: var(--char);
  font: 13px/1.2 var(--sans);
  padding: 2px;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 3px;
  min-height: 48px;
}
.frame {
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  padding: 3px;
  position: relative;
}
.state:hover .frame {
  border-color: var(--char);
}
.seen .frame {
  border: 3px solid var(--char);
  padding: 1px;
}
.seen {
  font-weight: 640;
}
.notSo .frame::after {
  content: '';
  position: absolute;
  inset: 0;
  background: linear-gradient(to top right, transparent calc(50% - 2px), var(--ember) 0 calc(50% + 2px), transparent 0);
}
.notSo .frame {
  border: 2px solid var(--ember);
  padding: 2px;
}
.notSo > span:last-child,
.gone:not(.seen) > span:last-child {
  text-decoration: line-through;
  color: var(--soft);
}
.gone:not(.seen) .frame {
  background: repeating-linear-gradient(135deg, var(--paper) 0 5px, var(--ash) 5px 6px);
}
.gone:not(.seen) .frame > :first-child {
  opacity: 0.45;
}
</style>
