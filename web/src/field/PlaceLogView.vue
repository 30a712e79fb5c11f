<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { centreOf } from '@emberfield/core/stand';
import { useRoute, useRouter } from 'vue-router';
import FormFailure from '../form/FormFailure.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import HazardList from '../kit/HazardList.vue';
import StateNote from '../kit/StateNote.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { usePatch } from '../patches/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useStay } from '../way/use-stay.ts';
import LogRow from './LogRow.vue';
import { BESIDE, blankStand, noted } from './place-log.ts';
import { usePlaceLog } from './use-place-log.ts';
import { useTakenRound } from './use-taken-round.ts';

/** A place with all that grows there in one list: each noted by a press or two, all of it kept at once. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId, mayPick } = useGroup();
const { on, round } = useTakenRound();
const patchId = computed(() => String(route.params['patchId']));
const patch = usePatch(groupId, patchId);
const { log, busy, failure, keep } = usePlaceLog(patchId);
const {
  minutes: stay,
  onFoot,
  toldOf,
} = useStay(() => (patch.data.value ? centreOf(patch.data.value.geometry) : null));
const standing = computed(() => (patch.data.value?.stands ?? []).filter((s) => !s.retired));
const onRound = computed(() => round.value?.stops.some((s) => s.patchId === patchId.value) ?? false);
async function done(): Promise<void> {
  const kept = await keep(
    standing.value.map((s) => s.id),
    patch.data.value!.name,
    { minutes: stay.value, walkMinutes: onFoot() },
  );
  if (!kept) return;
  toldOf();
  if (onRound.value && !on.value.done.includes(patchId.value))
    on.value = { ...on.value, done: [...on.value.done, patchId.value] };
  // Whoever came from somewhere else goes on there.
  if (!onRound.value && typeof router.options.history.state['back'] === 'string') router.back();
  else await router.replace({ name: 'field' });
}
</script>

<template>
  <StateNote
    v-if="patch.isLoadingError.value"
    state="failed"
    :text="patch.error.value?.message"
    @retry="patch.refetch()" />
  <StateNote v-else-if="!patch.data.value" state="loading" />
  <FieldScreen v-else :place="patch.data.value.name" :back="{ name: 'field' }" @submit="done">
    <h1>{{ patch.data.value.name }}</h1>
    <HazardList :hazards="patch.data.value.hazards" />
    <p v-if="patch.data.value.neighbours">
      <b>{{ words.t('take.besides') }}</b>: {{ patch.data.value.neighbours }}
    </p>
    <p class="soft small">{{ words.t('field.listLead') }}</p>
    <ul>
      <LogRow
        v-for="s in standing"
        :key="s.id"
        :stand-id="s.id"
        :patch-id="patchId"
        :log="log.stands[s.id] ?? blankStand"
        @say="log = noted(log, s.id, $event)" />
    </ul>
    <p v-if="!standing.length" class="soft">{{ words.t('patch.nothingHere') }}</p>
    <h2>{{ words.t('field.beside') }}</h2>
    <ToggleChips
      :label="words.t('field.beside')"
      :options="BESIDE.map((value) => ({ value, label: words.t(`field.besideOf.${value}`) }))"
      :chosen="log.beside"
      @toggle="log = { ...log, beside: toggled(log.beside, $event) }" />
    <p v-if="stay" class="soft small">{{ words.t('way.hereFor', { n: stay }) }} {{ words.t('way.shared') }}</p>
    <template #foot>
      <FormFailure :said="failure" />
      <Button v-if="mayPick" html-type="submit" type="primary" :loading="busy">{{ words.t('field.doneHere') }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
h1 {
  font-size: 26px;
}
h2 {
  margin: 16px 0 6px;
  font-size: 19px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
