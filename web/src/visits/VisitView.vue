<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import FormFailure from '../form/FormFailure.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import StateNote from '../kit/StateNote.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useVisit } from './use-visit.ts';
import { useWayOn } from './use-way-on.ts';
import VisitCount from './VisitCount.vue';
import VisitGround from './VisitGround.vue';
import VisitIdentity from './VisitIdentity.vue';
import VisitMeasure from './VisitMeasure.vue';
import VisitNotes from './VisitNotes.vue';
import VisitLadder from './VisitLadder.vue';
import WaySteps from './WaySteps.vue';

const words = useWords();
const { today } = useDay();
const { back } = useWayOn('visit');
const { query, stand, visit, drafts, form, at, keep } = useVisit();
const place = computed(() => [stand.value?.patchName, stand.value?.where].filter(Boolean).join(', '));
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!stand" state="loading" />
  <FieldScreen v-else :place="place" :back="back" @submit="keep">
    <div class="visit">
      <WaySteps step="visit" />
      <h1>{{ words.text(stand.plantName) }}</h1>
      <VisitLadder v-model="visit" :stand="stand" :today="today" />
      <VisitGround v-if="stand.profile.parts.some((p) => p.key === 'root')" v-model="visit" />
      <VisitMeasure v-model="visit" :profile="stand.profile" :form="form" :at="at('measurement')" />
      <VisitCount v-model="visit" :form="form" :at="at('census')" :stand="stand" />
      <VisitIdentity v-model="visit" :stand="stand" />
      <VisitNotes v-model="visit" :today="today" />
    </div>
    <template #foot>
      <FormFailure :said="form.failure.value" />
      <span v-if="!drafts.length" class="soft">{{ words.t('visit.nothing') }}</span>
      <Button html-type="submit" type="primary" :disabled="!drafts.length" :loading="form.busy.value">{{
        words.t('visit.store')
      }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
.visit :deep(section) {
  border-top: 1px solid var(--hair);
  padding: 12px 0;
  display: grid;
  gap: 10px;
}
.visit :deep(section p) {
  margin: 0;
}
.visit :deep(fieldset) {
  grid-column: 1 / -1;
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.visit :deep(legend) {
  font-size: 15px;
}
.visit :deep(.chip),
.visit :deep(input:not([type='checkbox'])) {
  min-height: 48px;
}
</style>
