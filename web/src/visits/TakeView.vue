<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { SAVOURS, SMELLS } from '@emberfield/contract';
import { isPoison } from '@emberfield/core/identity';
import { hasModel, isDug, isInvader, lifeOf } from '@emberfield/core/plants';
import { waysFromTake } from '@emberfield/core/replanting';
import FormFailure from '../form/FormFailure.vue';
import FoldUp from '../kit/FoldUp.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import CoalMark from '../kit/CoalMark.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import HazardList from '../kit/HazardList.vue';
import StateNote from '../kit/StateNote.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { useDay } from '../session/use-day.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import { useWords } from '../session/words.ts';
import OverScreen from './OverScreen.vue';
import TakeCounting from './TakeCounting.vue';
import TakeMethod from './TakeMethod.vue';
import TakeDetails from './TakeDetails.vue';
import TakeTally from './TakeTally.vue';
import { useStayAt } from './use-stay-at.ts';
import { useTake } from './use-take.ts';
import { useWayOn } from './use-way-on.ts';
import WeighIt from '../scale/WeighIt.vue';
import VesselHolds from './VesselHolds.vue';
import WaySteps from './WaySteps.vue';

const words = useWords();
const { today } = useDay();
const { back } = useWayOn('take');
const take = useTake();
const { query, stand, draft, outlooks, outlook, method, allowed, holding, busy, failure, part, each, holds } = take;
const { count, choosePart, chooseMethod, add, overrule, keep } = take;
const stay = useStayAt(() => stand.value?.patchId);
/** Whatever is told in grams can be laid on a scale. */
const inGrams = computed(
  () => draft.value.counted === 'gram' || (draft.value.counted === 'unit' && part.value?.unit === 'gram'),
);
const savours = computed(() => {
  if (outlook.value?.thorns ?? true) return [];
  return part.value?.eating === 'raw' ? SAVOURS : SMELLS;
});
const place = computed(() => [stand.value?.patchName, stand.value?.where].filter(Boolean).join(', '));
/** What grows beside it and what is wrong with the place come first, before a hand is stretched out. */
const here = computed(() => stand.value?.patch.hazards ?? []);
const urgent = computed(
  () => (outlook.value?.thorns ?? false) || here.value.length > 0 || Boolean(stand.value?.patch.neighbours),
);
const hold = (scientific: string): void => {
  draft.value = { ...draft.value, checkedAgainst: toggled(draft.value.checkedAgainst, scientific) };
};
/** Of what is killed young parts may go back into the ground; of an invader nothing does. */
const setBackAs = computed(() => {
  const profile = stand.value?.profile;
  if (!part.value?.kills || method.value !== 'usual' || !profile || isInvader(profile)) return [];
  const life = lifeOf(profile);
  return hasModel(life) ? waysFromTake(life) : [];
});
/** What may be among the pieces first, then whatever else of it kills or poisons. */
const checks = computed(() => {
  const mixed = outlook.value?.leafByLeaf ?? [];
  const others = stand.value?.profile.lookAlikes.filter(
    (l) => isPoison(l.severity) && !mixed.some((m) => m.scientific === l.scientific),
  );
  return [...mixed, ...(others ?? [])];
});
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!stand || !outlook || !allowed" state="loading" />
  <OverScreen
    v-else-if="holding"
    :place="`${stand.patchName} · ${words.text(stand.plantName)}`"
    :allowance="allowed"
    @more="overrule"
    @finish="holding = false" />
  <FieldScreen v-else :place="place" :back="back" @submit="keep">
    <div class="take">
      <WaySteps step="take" />
      <div class="name">
        <CoalMark
          :readiness="outlook.readiness"
          :thorns="outlook.thorns"
          :size="46"
          :label="words.coal(outlook.readiness, outlook.thorns)" />
        <h1>{{ words.text(stand.plantName) }} · {{ words.text(outlook.partName) }}</h1>
      </div>
      <ChoiceChips
        v-if="outlooks.length > 1"
        :model-value="draft.part"
        :label="words.t('take.which')"
        :options="outlooks.map((o) => ({ value: o.part, label: words.text(o.partName) }))"
        @update:model-value="$event && choosePart($event)" />
      <TakeMethod v-if="part?.methods" :model-value="method" :part="part" @update:model-value="chooseMethod" />
      <FoldUp
        v-if="checks.length || here.length || stand.patch.neighbours"
        class="checks"
        :title="words.t('take.checks')"
        :open="urgent">
        <p v-if="outlook.leafByLeaf.length" class="warn">
          {{
            words.t('clearance.leafByLeaf', {
              names: words.format.list(outlook.leafByLeaf.map((l) => words.text(l.name))),
            })
          }}
        </p>
        <template v-if="outlook.leafByLeaf.length">
          <p class="small" aria-live="polite">
            {{ words.t(draft.amount > 0 ? 'take.holdAgainstAgain' : 'take.holdAgainst') }}
          </p>
          <ToggleChips
            :options="outlook.leafByLeaf.map((l) => ({ value: l.scientific, label: words.text(l.name) }))"
            :chosen="draft.checkedAgainst"
            :label="words.t('take.holdAgainst')"
            @toggle="hold" />
        </template>
        <p v-if="stand.patch.neighbours">
          <b>{{ words.t('take.besides') }}</b>: {{ stand.patch.neighbours }}
        </p>
        <HazardList :hazards="here" />
        <p v-for="l in checks" :key="l.scientific">
          <b>{{ words.text(l.name) }}</b>: {{ words.text(l.separatedBy) }}
        </p>
      </FoldUp>
      <VesselHolds
        v-if="draft.counted === 'handful' || draft.counted === 'bag'"
        :key="draft.counted"
        v-model="holds"
        :vessel="draft.counted"
        :tallied="draft.amount > 0" />
      <TakeTally :amount="draft.amount" :allowance="allowed" :counted="draft.counted" :each="each" @add="add" />
      <TakeCounting :part="part" :counted="draft.counted" @count="count" />
      <WeighIt v-if="inGrams" @weighed="(massG) => add(massG - draft.amount)" />
      <TakeDetails
        v-model="draft"
        :today="today"
        :set-back-as="setBackAs"
        :stay="stay"
        :savours="savours"
        :dug="part !== undefined && (part.kills || isDug(part))" />
      <p v-if="part?.key === 'bark'" class="warn small">{{ words.t('take.neverARing') }}</p>
      <p v-if="part && method === 'usual'" class="soft small"><CatalogueText :text="part.method" /></p>
    </div>
    <template #foot>
      <FormFailure :said="failure" />
      <Button :disabled="draft.amount === 0" @click="add(-draft.amount)">
        {{ words.t('common.undo') }}
      </Button>
      <Button html-type="submit" type="primary" :disabled="draft.amount === 0 || each === null || busy">{{
        words.t('take.store')
      }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
.take {
  display: grid;
  gap: 10px;
}
.take :deep(p) {
  margin: 0;
}
.name {
  display: flex;
  gap: 12px;
  align-items: center;
}
h1 {
  font-size: 26px;
}
.checks {
  background: var(--band);
  border-left: 4px solid var(--ember);
  padding: 4px 14px;
  font-size: 16px;
}
.checks p {
  margin-top: 6px;
}
.checks :deep(.ant-collapse-header) {
  padding: 4px 0;
  font-weight: 640;
}
.checks :deep(.ant-collapse-content > .ant-collapse-content-box) {
  padding: 0 0 4px;
}
</style>
