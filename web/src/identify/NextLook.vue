<script setup lang="ts">
import { computed } from 'vue';
import { signOf, type IdentityRow } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import { worstFirst, type FieldLeft } from './field-left.ts';
import type { Said } from './identify-draft.ts';
import SignDrawing from '../kit/SignDrawing.vue';

/** The sign that tells most of what is left, to be answered on the spot or passed over. */
const props = defineProps<{ field: FieldLeft; passed: readonly string[]; wanted: IdentityRow | undefined }>();
const emit = defineEmits<{ say: [said: Said]; pass: [sign: string] }>();
const words = useWords();
const next = computed(() => props.field.next.find((n) => !props.passed.includes(n.sign)));
const states = computed(() => props.field.signs.find((s) => s.sign.key === next.value?.sign)?.states ?? []);
/** Of a second look what was seen at the first, to be found again or not. */
const choices = computed(() =>
  states.value.filter((s) => (next.value?.again ? s.mark === 'seen' : !s.gone && s.mark === null)),
);
const say = (state: string): void =>
  emit('say', { sign: next.value!.sign, state, mark: 'seen', ...(next.value!.again ? { again: true } : {}) });
/** Something else at the second look: neither is held to. */
function differs(): void {
  for (const s of choices.value) emit('say', { sign: next.value!.sign, state: s.state, mark: null });
}
/** What the look would settle of what the plant is taken for, the worst first. */
const settles = computed(() => {
  const keys = next.value?.settles ?? [];
  const twins = new Set(props.wanted?.lookAlikes.map((l) => l.plantKey));
  const settled = props.field.rows.filter((r) => keys.includes(r.key) && twins.has(r.key));
  return words.value.format.list(worstFirst(settled).map((r) => words.value.text(r.names)));
});
</script>

<template>
  <section class="next" :aria-label="words.t('identify.next')">
    <template v-if="next && choices.length">
      <p>
        <b>{{ words.t(next.again ? 'identify.lookAgainAt' : 'identify.next') }}:</b>
        {{ words.t(`sign.${next.sign}`) }}
        <small class="soft">{{
          words.t(settles ? 'identify.wouldSettle' : 'identify.tellsMost', {
            price: words.t(`plants.price.${signOf(next.sign)!.price}`),
            names: settles,
          })
        }}</small>
      </p>
      <div class="answers">
        <button v-for="s in choices" :key="s.state" type="button" class="answer" @click="say(s.state)">
          <SignDrawing :sign="next.sign" :state="s.state" :size="44" />{{ words.t(`state.${next.sign}.${s.state}`) }}
        </button>
        <button v-if="next.again" type="button" class="answer" @click="differs">
          {{ words.t('identify.differs') }}
        </button>
        <button type="button" class="answer" @click="emit('pass', next.sign)">
          {{ words.t('identify.cannotTell') }}
        </button>
      </div>
    </template>
    <p v-else class="soft">{{ words.t('identify.nextNone') }}</p>
  </section>
</template>

<style scoped>
.next {
  border-left: 4px solid var(--ember);
  background: var(--band);
  padding: 10px 16px;
  margin: 12px 0;
}
p {
  margin: 0 0 6px;
}
p:last-child {
  margin: 0;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.answer {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 50px;
  padding: 2px 12px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--char);
  font: 600 14px/1.2 var(--sans);
  cursor: pointer;
}
.answer:hover {
  border-color: var(--char);
}
</style>
