<script setup lang="ts">
import { UpOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { WantView } from '@emberfield/contract';
import CoalMark from '../kit/CoalMark.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { isMet, placeOf, sayFurther, sayHeld, sayPlanB, sayWanted, sayWhen } from './say-season.ts';
import { whatOf } from './season-task.ts';
import type { Planned, Why } from './use-season-plan.ts';

/** One thing that is wanted: how much, from where, about when; and where not all of it is to be had, why. */
const props = defineProps<{
  want: WantView;
  planned: Planned | null;
  heldBack: ReadonlyMap<number, Why>;
  /** May be changed, and moved up. */
  edits: boolean;
  first: boolean;
}>();
defineEmits<{ change: []; remove: []; up: [] }>();
const words = useWords();
const { dayQuery, day } = useDay();
const said = (amount: number): string => sayWanted(props.want, amount, words.value);
const amount = computed(() => {
  const { amount: much, weekly } = props.want.terms;
  return weekly ? words.value.t('season.perWeek', { amount: said(much) }) : said(much);
});
const made = computed(() =>
  words.value.format.list(
    props.want.of.map((o) => `${words.value.text(o.plantName)} · ${words.value.text(o.partName)}`),
  ),
);
const index = computed(() => props.planned?.laid.wants.findIndex((w) => w.id === props.want.id) ?? -1);
/** What is not planned any more is there, or its days are over. */
const isThere = computed(() => {
  const { taken, stocked, terms } = props.want;
  return !terms.weekly && taken + stocked >= terms.amount * (1 - 1e-6);
});
const met = computed(() => (index.value < 0 ? null : (props.planned!.plan.wants[index.value] ?? null)));
const portions = computed(() => {
  const { laid, plan } = props.planned!;
  return plan.portions
    .filter((p) => p.want === index.value)
    .map((p) => ({ at: laid.sources[p.source]!, portion: p }))
    .sort((a, b) => (a.portion.springs[1]![0]?.week ?? 99) - (b.portion.springs[1]![0]?.week ?? 99));
});
const whats = computed(() => new Set(props.want.of.map((o) => whatOf(o.plantKey, o.part))));
const mine = (at: { readonly stand: { readonly plantKey: string }; readonly outlook: { readonly part: string } }) =>
  whats.value.has(whatOf(at.stand.plantKey, at.outlook.part));
const known = computed(() => props.planned?.laid.sources.some(mine) ?? false);
const uncounted = computed(() => props.planned?.laid.uncounted.filter(mine).map(placeOf) ?? []);
/** What went by within the days of the want. */
const missed = computed(() => {
  const { from, until } = props.want.terms;
  return (props.planned?.laid.missed ?? []).filter((m) => mine(m.at) && from <= m.closed && m.closed <= until);
});
const planB = computed(() =>
  sayPlanB(
    missed.value,
    portions.value.map((p) => p.at),
    words.value,
    day.value,
  ),
);
const why = computed(() => props.heldBack.get(index.value));
</script>

<template>
  <article>
    <header>
      <h2>{{ want.terms.name }}</h2>
      <b class="much">{{ amount }}</b>
      <span v-if="edits" class="no-print acts">
        <Button
          v-if="!first"
          type="text"
          :aria-label="words.t('season.up', { name: want.terms.name })"
          @click="$emit('up')"
          ><template #icon><UpOutlined aria-hidden="true" /></template
        ></Button>
        <Button size="small" :aria-label="`${words.t('season.change')}: ${want.terms.name}`" @click="$emit('change')">{{
          words.t('season.change')
        }}</Button>
        <Button
          size="small"
          type="text"
          :aria-label="`${words.t('season.remove')}: ${want.terms.name}`"
          @click="$emit('remove')"
          >{{ words.t('season.remove') }}</Button
        >
      </span>
    </header>
    <p class="soft small">
      {{ made }}, {{ words.format.day(want.terms.from, day) }} – {{ words.format.day(want.terms.until, day) }}
    </p>
    <p v-if="want.stocked > 0" class="small">{{ words.t('season.jars', { amount: said(want.stocked) }) }}</p>
    <p v-if="want.taken > 0" class="small">
      {{ words.t(want.terms.weekly ? 'season.gotWeek' : 'season.got', { amount: said(want.taken) }) }}
    </p>
    <p v-if="planned && !met">{{ words.t(isThere ? 'season.had' : 'season.notPlanned') }}</p>
    <template v-else-if="met">
      <p>
        <b :class="{ warn: !isMet(met) }">{{
          isMet(met)
            ? words.t('season.met')
            : met.missing[1] === 0
              ? words.t('season.metUsual')
              : words.t('season.short', { amount: said(met.expectedMissing), of: said(met.wanted) })
        }}</b>
      </p>
      <p v-if="!isMet(met) && new Set(met.missing.map((m) => said(m))).size > 1" class="small">
        {{
          words.t('season.shortIn', {
            early: said(met.missing[0]!),
            usual: said(met.missing[1]!),
            late: said(met.missing[2]!),
          })
        }}
      </p>
      <p v-if="!known">{{ words.t('season.nothingGrows') }}</p>
      <p v-if="missed.length">{{ planB }}</p>
      <ul>
        <li v-for="{ at, portion } in portions" :key="portion.source">
          <CoalMark
            :readiness="at.outlook.readiness"
            :thorns="at.outlook.thorns"
            :size="28"
            :label="words.coal(at.outlook.readiness, at.outlook.thorns)" />
          <span
            ><b>{{ words.amount(portion.amount, at.outlook.allowance.unit) }}</b>
            <template v-if="want.of.length > 1"> {{ words.text(at.stand.plantName) }}</template>{{ ' '
            }}<RouterLink :to="{ name: 'stand', params: { standId: at.stand.id }, query: dayQuery }">{{
              placeOf(at)
            }}</RouterLink>
            <small class="soft block">{{ sayWhen(planned!.laid, portion, words) }}</small></span
          >
        </li>
      </ul>
      <template v-if="!isMet(met)">
        <template v-if="why">
          <h3>{{ words.t('season.why') }}</h3>
          <ul class="why small">
            <li v-for="(l, i) in why.lifted" :key="i">{{ sayHeld(planned!.laid, want, l, words) }}</li>
            <li v-if="why.lifted.length === 0">{{ words.t('season.held.nothing') }}</li>
          </ul>
          <p v-if="why.further" class="small">{{ sayFurther(want, why.further, words) }}</p>
        </template>
      </template>
      <p v-if="uncounted.length" class="small soft">
        {{ words.t('season.uncounted', { places: words.format.list(uncounted) }) }}
      </p>
    </template>
  </article>
</template>

<style scoped>
article {
  border-top: 1px solid var(--hair);
  padding: 12px 0;
  overflow-wrap: anywhere;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
.much {
  font-variant-numeric: tabular-nums;
}
.acts {
  margin-left: auto;
}
p {
  margin: 4px 0;
}
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
}
.why li {
  display: list-item;
  list-style: disc inside;
}
.block {
  display: block;
}
</style>
