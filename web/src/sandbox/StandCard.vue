<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PlantProfile } from '@emberfield/contract';
import { isoDay, yearOf } from '@emberfield/core/measure';
import {
  goneBy,
  hasTimeFor,
  HOURS_OF,
  hoursOf,
  takenOf,
  type SandboxAction,
  type SandboxStand,
  type StandAction,
} from '@emberfield/core/sandbox';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';

/** A stand in a year that is played: what is known of it, and what can be done there. */
const props = defineProps<{
  stand: SandboxStand;
  at: number;
  name: string;
  profile: PlantProfile;
  day: number;
  hoursLeft: number;
}>();
const emit = defineEmits<{ act: [SandboxAction] }>();
const words = useWords();
const sayDay = (d: number): string => words.value.format.day(isoDay(d));
const stageName = (key: string): string => words.value.text(props.profile.stages.find((s) => s.key === key)!.name);
const noted = computed(() => {
  const { opens, closes } = props.stand.noted;
  if (opens === null) return words.value.t('sandbox.notedNever');
  if (closes === null) return words.value.t('sandbox.notedFrom', { opens: sayDay(opens) });
  return words.value.t('sandbox.noted', { opens: sayDay(opens), closes: sayDay(closes) });
});
const season = computed(() => {
  const { opens, closes } = props.stand.kind;
  if (closes === null) return words.value.t('sandbox.seasonFrom', { opens: stageName(opens) });
  return words.value.t('sandbox.season', { opens: stageName(opens), closes: stageName(closes) });
});
const count = computed(() => goneBy(props.stand, yearOf(props.day)) ?? props.stand.counts.at(-1) ?? null);
const countSaid = computed(() => {
  const { t, format } = words.value;
  if (!count.value) return '';
  const { plants, by, day: on } = count.value;
  return t('sandbox.count', {
    ...{ n: format.number(plants.value), low: format.number(plants.low), high: format.number(plants.high) },
    ...{ how: t(`sandbox.by.${by}`), day: format.day(isoDay(on), isoDay(props.day)) },
  });
});
const seen = computed(() => {
  const last = props.stand.seen.at(-1);
  if (!last) return words.value.t('sandbox.unseen');
  const stage = last.stage === null ? words.value.t('sandbox.nothingYet') : stageName(last.stage);
  return words.value.t('sandbox.seen', { day: sayDay(last.day), stage });
});
const taken = computed(() => takenOf(props.stand));
const ruleLeft = computed(() =>
  count.value ? Math.max(0, Math.floor((count.value.plants.value * props.stand.percent) / 100) - taken.value) : null,
);
const percent = computed({
  get: () => props.stand.percent,
  set: (n: number | null) => {
    if (n !== null && n >= 0 && n <= 100) emit('act', { do: 'rule', stand: props.at, percent: n });
  },
});
const plants = ref<number | null>(null);
const isNumber = computed(() => Number.isInteger(plants.value) && plants.value! > 0);
const taking = computed((): StandAction => ({
  ...{ do: 'take', stand: props.at, plants: plants.value ?? 0 },
}));
const costs = computed(() => (isNumber.value ? hoursOf(taking.value, props.stand) : 0));
const can = (action: StandAction): boolean => hasTimeFor(action, props.stand, props.hoursLeft);
const acts = computed(() =>
  (
    [
      ['squares', { do: 'count', stand: props.at, by: 'squares' }],
      ['all', { do: 'count', stand: props.at, by: 'all' }],
      ['putBack', { do: 'putBack', stand: props.at }],
    ] as const
  ).map(([key, action]) => ({ key, action, can: can(action) })),
);
const inVain = computed(() => {
  const last = props.stand.takes.at(-1);
  return last && last.day === props.day && last.plants < last.asked ? last : null;
});
function take(): void {
  emit('act', taking.value);
  plants.value = null;
}
</script>

<template>
  <section :aria-label="name" class="section">
    <h2>{{ name }}</h2>
    <p class="soft">
      {{ season }} {{ noted }} <template v-if="stand.kind.effect.kills">{{ words.t('sandbox.kills') }}</template>
    </p>
    <p>
      <b>{{ seen }}</b> {{ countSaid }}
    </p>
    <p v-if="taken || stand.putBack">
      <template v-if="taken">{{ words.t('sandbox.tookSoFar', { n: taken }) }}</template>
      {{ stand.putBack ? words.t('sandbox.backSoFar', { n: stand.putBack }) : '' }}
    </p>
    <label class="rule"
      >{{ words.t('sandbox.rule') }}
      <NumberField v-model="percent" whole class="figure" :label="`${name}: ${words.t('sandbox.rule')}`" />
      <span v-if="ruleLeft !== null" class="soft">{{ words.t('sandbox.ruleLeft', { n: ruleLeft }) }}</span>
    </label>
    <div v-if="!stand.isThere" class="row">
      <Button :disabled="!can({ do: 'look', stand: at })" @click="emit('act', { do: 'look', stand: at })">{{
        words.t('sandbox.go', { n: HOURS_OF.look })
      }}</Button>
    </div>
    <template v-else>
      <div class="row">
        <Button v-for="a in acts" :key="a.key" :disabled="!a.can" @click="emit('act', a.action)">{{
          words.t(`sandbox.${a.key}`, { n: HOURS_OF[a.key] })
        }}</Button>
      </div>
      <form class="row" @submit.prevent="isNumber && can(taking) && take()">
        <NumberField
          v-model="plants"
          whole
          class="figure"
          :label="`${name}: ${words.t('sandbox.plants')}`"
          :placeholder="ruleLeft === null ? '' : String(ruleLeft)" />
        <Button html-type="submit" :disabled="!isNumber || !can(taking)"
          >{{ words.t('sandbox.take')
          }}{{ isNumber ? `: ${words.t('sandbox.costs', { hours: words.format.number(costs, 1) })}` : '' }}</Button
        >
        <span v-if="isNumber && !can(taking)" class="warn">{{ words.t('sandbox.tooLong') }}</span>
        <span v-else-if="isNumber && ruleLeft !== null && plants! > ruleLeft" class="warn">{{
          words.t('sandbox.over')
        }}</span>
        <span v-else-if="inVain" class="warn" role="status">{{
          words.t('sandbox.inVain', { asked: inVain.asked, n: inVain.plants })
        }}</span>
      </form>
    </template>
  </section>
</template>

<style scoped>
.row,
.rule {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 8px 0;
}
.figure {
  width: 92px;
}
</style>
