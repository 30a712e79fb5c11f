<script setup lang="ts">
import { computed } from 'vue';
import type { AllowanceView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** How an allowance adds up, step by step: the last line is the headline. Where nothing may be taken, what forbids it. */
const props = defineProps<{ allowance: AllowanceView }>();
const words = useWords();
const steps = computed(() => {
  const said = words.value.steps(props.allowance);
  const first = Math.max(1, props.allowance.steps[0]?.plants ?? 1);
  return props.allowance.steps.map((s, i) => ({
    ...said[i]!,
    width: s.plants === null ? 0 : (s.plants / first) * 100,
    last: i === props.allowance.steps.length - 1,
  }));
});
/** What holds without being a step: a permit that is drawn on and may have to be at hand, girths that nobody measured. */
const isBeside = ({ kind }: { readonly kind: string }): boolean =>
  (kind === 'quota' || kind === 'sapTaps') && !props.allowance.steps.some((s) => s.rule?.kind === kind);
/** What forbids, what holds beside the steps, and without a count what limits: each with who says so. */
const rules = computed(() =>
  props.allowance.ceilings
    .filter((c) => c.bars || isBeside(c) || (steps.value.length === 0 && (c.shareOfPlants ?? c.perPlant) !== null))
    .map((c) => ({
      key: `${c.source}:${c.kind}:${c.values['name'] ?? ''}`,
      name: words.value.ceiling(c, props.allowance.unit),
      source: words.value.t(`source.${c.source}`),
      binding: c.binding,
    })),
);
/** Rules that somebody chose for this stand or plant, with why. */
const chosen = computed(() =>
  props.allowance.ceilings.flatMap((c) =>
    c.because
      ? [words.value.t('ceiling.because', { what: words.value.ceiling(c, props.allowance.unit), because: c.because })]
      : [],
  ),
);
</script>

<template>
  <ol v-if="steps.length" class="sum" :aria-label="words.sum(allowance)">
    <li v-for="(s, i) in steps" :key="i" :class="{ last: s.last }">
      <span>{{ s.what }}</span>
      <span class="track"><i :style="{ width: `${s.width}%` }" /></span>
      <b>{{ s.left }}</b>
    </li>
  </ol>
  <ul v-if="rules.length" class="rules">
    <li v-for="r in rules" :key="r.key" :class="{ binding: r.binding }">
      {{ r.name }} <small>{{ r.source }}</small>
    </li>
  </ul>
  <p v-for="said in chosen" :key="said" class="soft">{{ said }}</p>
</template>

<style scoped>
.sum,
.rules {
  list-style: none;
  margin: 6px 0;
  padding: 0;
  font-size: 14px;
}
.sum li {
  display: grid;
  grid-template-columns: minmax(140px, 1.4fr) minmax(40px, 1fr) minmax(76px, auto);
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}
i {
  display: block;
  height: 9px;
  min-width: 1px;
  background: var(--bar);
  border-radius: 2px;
}
b {
  font-weight: 500;
  text-align: right;
}
.last,
.binding {
  font-weight: 650;
}
.last {
  border-top: 1px solid var(--hair);
}
.last i {
  background: var(--moss);
}
.last b {
  font-weight: 700;
}
p {
  margin: 4px 0;
  font-size: 14px;
}
small {
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
}
</style>
