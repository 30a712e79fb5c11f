<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { centreOf, ROUTES } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import PickList from '../kit/PickList.vue';
import StateNote from '../kit/StateNote.vue';
import { useChange } from '../people/queries.ts';
import { useGroup } from '../people/use-group.ts';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';
import FactFields from './FactFields.vue';
import { blankForm, patchFrom, standFrom, typedNumber, typedPosition } from './new-patch.ts';
import { useBaseMap, usePatches } from './queries.ts';

// The map is heavy and not needed to type a position: it comes after the form.
const PlaceMap = defineAsyncComponent(() => import('./PlaceMap.vue'));
const words = useWords();
const route = useRoute();
const router = useRouter();
const undo = useUndo();
const { groupId, group, mayPick } = useGroup();
const plants = usePlants(groupId);
const patches = usePatches(groupId);
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const form = useLocalStorage('emberfield-new-patch', blankForm());
const more = ref(false);
const positionProblem = ref('');
if (typeof route.query['plant'] === 'string') form.value.plantKey = route.query['plant'];
if (typeof route.query['patch'] === 'string') form.value.existingPatchId = route.query['patch'];
const plant = computed(() => plants.data.value?.find((p) => p.key === form.value.plantKey));
const plantOptions = computed(() =>
  (plants.data.value ?? []).map((p) => ({ value: p.key, label: `${words.value.text(p.names)} · ${p.scientific}` })),
);
const patchOptions = computed(() => (patches.data.value ?? []).map((p) => ({ value: p.id, label: p.name })));
const imperial = computed(() => group.value?.units === 'imperial');
const ready = computed(
  () =>
    form.value.plantKey !== null &&
    (form.value.existingPatchId !== null || (form.value.geometry !== null && form.value.facts.name.trim() !== '')),
);
const IDENTITIES = [
  ['confirmed', 'knowsConfirmed'],
  ['provisional', 'knowsProvisional'],
  ['unconfirmed', 'knowsUnconfirmed'],
] as const;

watch(
  () => form.value.geometry,
  (g) => {
    if (!g) return;
    const { latitudeDeg, longitudeDeg } = centreOf(g);
    form.value.latitude = String(Math.round(latitudeDeg * 1e5) / 1e5);
    form.value.longitude = String(Math.round(longitudeDeg * 1e5) / 1e5);
  },
);
function typed(): void {
  const pasted = typedPosition(form.value.latitude);
  const latitudeDeg = pasted?.latitudeDeg ?? typedNumber(form.value.latitude);
  const longitudeDeg = pasted?.longitudeDeg ?? typedNumber(form.value.longitude);
  if (latitudeDeg === null || longitudeDeg === null || Math.abs(latitudeDeg) > 90 || Math.abs(longitudeDeg) > 180)
    return;
  form.value.geometry = { type: 'Point', coordinates: [longitudeDeg, latitudeDeg] };
}
function here(): void {
  positionProblem.value = '';
  const failed = (why: string): void => void (positionProblem.value = words.value.t('patch.noPosition', { why }));
  if (!('geolocation' in navigator)) return failed('');
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => {
      form.value.geometry = {
        type: 'Point',
        coordinates: [Math.round(coords.longitude * 1e6) / 1e6, Math.round(coords.latitude * 1e6) / 1e6],
      };
      if (coords.altitude !== null)
        form.value.height = String(Math.round(imperial.value ? coords.altitude / 0.3048 : coords.altitude));
    },
    (error) => failed(error.message),
    { enableHighAccuracy: true, timeout: 15_000 },
  );
}
const save = useChange(async () => {
  const params = { groupId: groupId.value! };
  const place = form.value.existingPatchId
    ? patches.data.value?.find((p) => p.id === form.value.existingPatchId)
    : await call(ROUTES.newPatch, { params, body: patchFrom(form.value, imperial.value) });
  const stand = await call(ROUTES.newStand, { params, body: standFrom(form.value, group.value!.today) });
  return { stand, place: place?.name ?? '' };
});
async function keep(): Promise<void> {
  const done = await save.mutateAsync(undefined).catch(() => null);
  if (!done) return;
  form.value = blankForm();
  undo.say(words.value.t('patch.created', { plant: words.value.text(done.stand.plantName), patch: done.place }));
  await router.push({ name: 'stand', params: { standId: done.stand.id } });
}
</script>

<template>
  <StateNote
    v-if="group && !mayPick"
    state="empty"
    :title="words.t('errors.notAllowed', { role: words.t('role.watcher') })" />
  <form v-else class="page" @submit.prevent="keep">
    <h1>{{ words.t('patch.title') }}</h1>
    <p class="soft">{{ words.t('patch.seasonNote') }}</p>
    <section class="section">
      <h2>{{ words.t('patch.plant') }}</h2>
      <PickList
        v-model="form.plantKey"
        :options="plantOptions"
        :label="words.t('patch.plant')"
        :placeholder="words.t('patch.pickPlant')" />
      <div v-if="plant" class="knows">
        <p class="soft">{{ words.t('patch.knows') }}</p>
        <ChoiceChips
          v-model="form.identity"
          :label="words.t('patch.knows')"
          :options="IDENTITIES.map(([value, key]) => ({ value, label: words.t(`patch.${key}`) }))" />
        <p v-if="plant.deadlyLookAlikes" class="warn">{{ words.t('plants.deadly', { n: plant.deadlyLookAlikes }) }}</p>
      </div>
    </section>
    <section class="section">
      <h2>{{ words.t('patch.place') }}</h2>
      <div v-if="patchOptions.length" class="row">
        <PickList
          v-model="form.existingPatchId"
          :options="patchOptions"
          :label="words.t('patch.existing')"
          :placeholder="words.t('patch.newPlace')" />
      </div>
      <template v-if="!form.existingPatchId">
        <div class="grid">
          <label class="field"
            ><span>{{ words.t('patch.name') }}</span
            ><input v-model="form.facts.name" maxlength="80" required
          /></label>
          <label class="field"
            ><span>{{ words.t('patch.latitude') }}</span
            ><input v-model="form.latitude" inputmode="decimal" placeholder="46.012" @change="typed"
          /></label>
          <label class="field"
            ><span>{{ words.t('patch.longitude') }}</span
            ><input v-model="form.longitude" inputmode="decimal" placeholder="-30.004" @change="typed"
          /></label>
          <label class="field"
            ><span>{{ words.t('patch.height') }}, {{ imperial ? 'ft' : 'm' }}</span
            ><input v-model="form.height" inputmode="decimal" placeholder="0"
          /></label>
        </div>
        <div class="row">
          <button type="button" class="btn" @click="here">{{ words.t('patch.here') }}</button
          ><span class="soft">{{ words.t('patch.onMap') }}</span>
        </div>
        <p v-if="positionProblem" class="warn" role="alert">{{ positionProblem }}</p>
        <PlaceMap v-model="form.geometry" :base-map="baseMap.data.value" :patches="patches.data.value ?? []" />
      </template>
      <div class="grid">
        <label class="field"
          ><span>{{ words.t('patch.where') }} ({{ words.t('common.optional') }})</span
          ><input v-model="form.where" maxlength="80" /></label
        ><label class="field"
          ><span>{{ words.t('stand.since') }} ({{ words.t('common.optional') }})</span
          ><input v-model="form.since" inputmode="numeric"
        /></label>
      </div>
    </section>
    <section v-if="!form.existingPatchId" class="section">
      <button type="button" class="btn plain" :aria-expanded="more" @click="more = !more">
        {{ words.t('patch.more') }}</button
      ><FactFields v-if="more" v-model="form.facts" />
    </section>
    <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
    <button type="submit" class="btn main" :disabled="!ready || save.isPending.value">
      {{ words.t('patch.keep') }}
    </button>
  </form>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr;
  gap: 0 14px;
  margin-top: 8px;
}
.grid:last-of-type {
  grid-template-columns: 2fr 1fr;
  max-width: 520px;
}
input {
  width: 100%;
  font: inherit;
  background: var(--sheet);
  color: var(--char);
  border: 1px solid var(--edge);
  border-radius: 3px;
  padding: 7px 10px;
  min-height: 40px;
}
.row {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 6px 0 10px;
  flex-wrap: wrap;
}
.knows {
  margin-top: 10px;
}
.knows p {
  margin: 0 0 6px;
}
.knows .warn {
  margin-top: 8px;
}
h2 {
  margin-bottom: 8px;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: 1fr 1fr;
  }
  .grid .field:first-child {
    grid-column: 1 / -1;
  }
  input {
    min-height: 48px;
  }
}
</style>
