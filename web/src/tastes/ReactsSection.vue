<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { TasteView } from '@emberfield/contract';
import FoldUp from '../kit/FoldUp.vue';
import PickOne from '../kit/PickOne.vue';
import { usePlants } from '../plants/queries.ts';
import { useTastes } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useTasteChanges } from './use-taste-changes.ts';

/** What somebody does not bear, a plant or a whole family of them; and what they ate of, with what came of it. */
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const tastes = useTastes(groupId);
const plants = usePlants(groupId);
const { failure, isBusy, add, takeOff } = useTasteChanges();
const all = computed(() => tastes.data.value?.mine ?? []);
const isReaction = ({ terms }: TasteView): boolean => terms.outcome === 'known' || terms.outcome === 'something';
const reactions = computed(() => all.value.filter(isReaction));
const eaten = computed(() => all.value.filter((t) => !isReaction(t)));
function name({ terms: { plantKey, family, part } }: TasteView): string {
  if (family !== null) return words.value.family(family);
  const plant = plants.data.value?.find((p) => p.key === plantKey);
  const partName = plant?.parts.find((p) => p.key === part)?.name;
  return [plant ? words.value.text(plant.names) : plantKey, partName && words.value.text(partName)]
    .filter(Boolean)
    .join(' · ');
}
const line = ({ terms }: TasteView): string =>
  [
    words.value.format.day(terms.day, today.value),
    words.value.t(`taste.outcomes.${terms.outcome}`),
    terms.note,
    words.value.t(terms.shared ? 'taste.shared' : 'taste.mine'),
  ]
    .filter(Boolean)
    .join(' · ');
const options = computed(() => {
  const known = plants.data.value ?? [];
  const families = [...new Set(known.map((p) => p.family))].filter(Boolean);
  return [
    ...families.map((f) => ({ value: `f:${f}`, label: `${words.value.family(f)} · ${f}` })),
    ...known.map((p) => ({ value: `p:${p.key}`, label: words.value.text(p.names) })),
  ].sort((a, b) => a.label.localeCompare(b.label));
});
const chosen = ref<string | null>(null);
const note = ref('');
const shared = ref(false);
async function keep(): Promise<void> {
  if (!chosen.value) return;
  const [kind, key] = [chosen.value.slice(0, 1), chosen.value.slice(2)];
  const terms = {
    ...{ plantKey: kind === 'p' ? key : null, family: kind === 'f' ? key : null, part: null, batchId: null },
    ...{ day: today.value, cooked: true, outcome: 'known' as const, note: note.value.trim(), shared: shared.value },
  };
  const what = options.value.find((o) => o.value === chosen.value)!.label;
  if (!(await add(terms, words.value.t('taste.added', { what })))) return;
  chosen.value = null;
  note.value = '';
  shared.value = false;
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('taste.section') }}</h2>
    <p class="soft small">{{ words.t('taste.sectionLead') }}</p>
    <ul v-if="reactions.length" class="rows">
      <li v-for="r in reactions" :key="r.id">
        <span
          ><b>{{ name(r) }}</b> <small class="soft">{{ line(r) }}</small></span
        >
        <Button
          size="small"
          :aria-label="`${words.t('taste.remove')}: ${name(r)}`"
          @click="takeOff(r, words.t('taste.removed', { what: name(r) }))"
          >{{ words.t('taste.remove') }}</Button
        >
      </li>
    </ul>
    <p v-else class="soft">{{ words.t('taste.none') }}</p>
    <form class="add" @submit.prevent="keep">
      <PickOne
        v-model="chosen"
        :label="words.t('taste.plantOrFamily')"
        :placeholder="words.t('taste.plantOrFamily')"
        :options="options" />
      <label class="what">{{ words.t('taste.what') }} <Input v-model:value="note" :maxlength="600" /></label>
      <Checkbox v-model:checked="shared">{{ words.t('taste.share') }}</Checkbox>
      <Button html-type="submit" :disabled="!chosen" :loading="isBusy">{{ words.t('taste.add') }}</Button>
    </form>
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
    <FoldUp v-if="eaten.length" :title="words.t('taste.history')">
      <ul class="rows">
        <li v-for="e in eaten" :key="e.id">
          <span
            ><b>{{ name(e) }}</b> <small class="soft">{{ line(e) }}</small></span
          >
          <Button
            size="small"
            :aria-label="`${words.t('taste.remove')}: ${name(e)}`"
            @click="takeOff(e, words.t('taste.removed', { what: name(e) }))"
            >{{ words.t('taste.remove') }}</Button
          >
        </li>
      </ul>
    </FoldUp>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  justify-content: space-between;
  border-top: 1px solid var(--hair);
  padding: 7px 0;
}
small {
  display: block;
}
.add {
  display: grid;
  gap: 8px;
  justify-items: start;
  width: min(100%, 420px);
  margin-top: 10px;
}
.add .what,
.add :deep(.ant-select) {
  width: 100%;
}
</style>
