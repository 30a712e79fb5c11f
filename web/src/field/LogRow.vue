<script setup lang="ts">
import { MinusOutlined, PlusOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import CoalMark from '../kit/CoalMark.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useStandHere } from '../stands/use-own-season.ts';
import { stepsFor } from '../visits/tally.ts';
import { lineOf, oneMore, type StandLog } from './place-log.ts';

/** A stand in the list of its place: what is left, one more, which stage it is at, or that there is nothing. */
const props = defineProps<{ standId: string; patchId: string; log: StandLog }>();
const emit = defineEmits<{ say: [over: Partial<StandLog>] }>();
const words = useWords();
const { today } = useDay();
const { query, stand } = useStandHere(
  computed(() => props.standId),
  today,
);
const main = computed(() => lineOf(stand.value?.outlooks ?? [], props.log));
const step = computed(() => (main.value ? oneMore(main.value, props.log.amount) : null));
const least = computed(() => (main.value ? stepsFor(main.value.allowance)[0]! : 1));
const seeing = ref(false);
const stages = computed(() => [
  { at: -1, name: words.value.t('visit.nothingYet') },
  ...(stand.value?.profile.stages ?? []).map((s, at) => ({ at, name: words.value.text(s.name) })),
]);
const seen = computed(() => stages.value.find((s) => s.at === props.log.stage)?.name);
const name = computed(() => (stand.value ? words.value.text(stand.value.plantName) : ''));
function sayStage(at: number): void {
  emit('say', { stage: props.log.stage === at ? null : at });
  seeing.value = false;
}
/** Tenths, so that half litres add up. */
function add(by: number): void {
  const { part, method } = main.value!;
  emit('say', { amount: Math.max(0, Math.round((props.log.amount + by) * 10) / 10), of: { part, method } });
}
</script>

<template>
  <li v-if="stand" :class="{ said: log.amount > 0 || log.stage !== null || log.nothing }">
    <RouterLink class="what" :to="{ name: 'confirm', params: { standId }, query: { at: patchId } }">
      <CoalMark
        v-if="main"
        :readiness="main.readiness"
        :thorns="main.thorns"
        :size="36"
        :label="words.coal(main.readiness, main.thorns)" />
      <span
        ><b>{{ name }}{{ main ? ` · ${words.text(main.partName)}` : '' }}</b>
        <small class="soft">{{
          [stand.where, main && words.allowanceShort(main.allowance)].filter(Boolean).join(' · ')
        }}</small></span
      >
    </RouterLink>
    <div class="acts">
      <Button class="chip" :aria-pressed="log.stage !== null" :aria-expanded="seeing" @click="seeing = !seeing">{{
        seen ?? words.t('field.seen')
      }}</Button>
      <Button class="chip" :aria-pressed="log.nothing" @click="emit('say', { nothing: !log.nothing })">{{
        words.t('field.nothing')
      }}</Button>
      <Button v-if="log.amount > 0" :aria-label="words.t('field.less', { plant: name })" @click="add(-least)"
        ><template #icon><MinusOutlined aria-hidden="true" /></template
      ></Button>
      <b v-if="log.amount > 0 && main" class="amount" aria-live="polite">{{
        words.amount(log.amount, main.allowance.unit)
      }}</b>
      <Button
        v-if="main"
        class="more"
        :disabled="step === null"
        :aria-label="words.t('field.more', { plant: name })"
        @click="step !== null && add(step)"
        ><template #icon><PlusOutlined aria-hidden="true" /></template>{{ step ?? '' }}</Button
      >
    </div>
    <p v-if="main && step === null" class="soft small why">
      {{ words.t(log.amount > 0 ? 'field.thatIsAll' : 'field.byItself') }}
    </p>
    <div v-if="seeing" class="stages" role="group" :aria-label="words.t('visit.where')">
      <Button v-for="s in stages" :key="s.at" class="chip" :aria-pressed="log.stage === s.at" @click="sayStage(s.at)">{{
        s.name
      }}</Button>
    </div>
  </li>
  <li v-else-if="query.isLoadingError.value" class="warn">{{ query.error.value?.message }}</li>
  <li v-else class="soft">{{ words.t('common.loading') }}</li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
.said {
  border-left: 5px solid var(--moss);
  padding-left: 10px;
}
.what {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 56px;
  color: inherit;
  text-decoration: none;
}
small {
  display: block;
  font-size: 15px;
}
.acts,
.stages {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.stages {
  margin-top: 8px;
}
li :deep(.ant-btn) {
  min-width: 56px;
  min-height: 56px;
  font-size: 17px;
}
.more {
  margin-left: auto;
}
.why {
  margin: 4px 0 0;
}
.amount {
  font-variant-numeric: tabular-nums;
}
</style>
