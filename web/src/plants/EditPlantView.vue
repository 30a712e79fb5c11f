<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { PlantProfile, PlantView } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import { usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import CopyPlantForm from './CopyPlantForm.vue';
import PlainPlantForm from './PlainPlantForm.vue';
import { plainOf } from './plain-plant.ts';
import { usePlant, usePlants } from './queries.ts';

/** A new plant, one that was written from nothing, or a copy: each has its form. */
const words = useWords();
const route = useRoute();
const { groupId, group, isKeeper } = useGroup();
const plantKey = computed(() => (typeof route.params['plantKey'] === 'string' ? route.params['plantKey'] : null));
const isNew = computed(() => plantKey.value === null);
const plant = usePlant(
  computed(() => (isNew.value ? null : groupId.value)),
  computed(() => plantKey.value ?? ''),
);
const plants = usePlants(groupId);
const places = usePatches(groupId);
const baseKey = computed(() => plant.data.value?.copiedFrom ?? null);
const base = usePlant(
  computed(() => (baseKey.value === null ? null : groupId.value)),
  computed(() => baseKey.value ?? ''),
);
const failed = computed(() => [plants, places, plant, base].find((q) => q.isLoadingError.value));
const isReady = computed(
  () =>
    plants.data.value &&
    places.data.value &&
    (isNew.value || (plant.data.value && (baseKey.value === null || base.data.value))),
);
const isPlain = computed(() => isNew.value || plainOf(plant.data.value!.profile, words.value) !== null);
/** A copy that is yet to be made inherits all; what was written from nothing, nothing. */
const itsOwn = ({ profile, revision }: PlantView): PlantProfile =>
  revision === 0 ? profile : { ...profile, lookAlikes: [], cautions: [] };
const name = computed(() => (typeof route.query['name'] === 'string' ? route.query['name'].slice(0, 80) : ''));
</script>

<template>
  <StateNote
    v-if="group && !isKeeper"
    state="empty"
    :title="words.t('errors.notAllowed', { role: words.t(`role.${group.role}`), reasonText: '' })" />
  <StateNote v-else-if="failed" state="failed" :text="failed.error.value?.message" @retry="failed.refetch()" />
  <StateNote v-else-if="!isReady" state="loading" />
  <PlainPlantForm
    v-else-if="isPlain"
    :key="plantKey ?? `new:${name}`"
    :plants="plants.data.value!"
    :places="places.data.value!"
    :plant="plant.data.value ?? null"
    :name="name" />
  <CopyPlantForm
    v-else
    :key="plantKey!"
    :plants="plants.data.value!"
    :plant="plant.data.value!"
    :base="base.data.value?.profile ?? itsOwn(plant.data.value!)" />
</template>
