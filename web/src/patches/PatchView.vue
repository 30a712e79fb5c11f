<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { CONTAMINATING, ROUTES, type PatchFacts, type PatchGeometry } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import PhotoStrip from '../photos/PhotoStrip.vue';
import { useChange } from '../people/queries.ts';
import { useGroup } from '../people/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';
import ElevationInput from './ElevationInput.vue';
import FactFields from './FactFields.vue';
import { heightFromM, heightToM } from './new-patch.ts';
import PlaceStation from './PlaceStation.vue';
import PlaceRecord from './PlaceRecord.vue';
import { useBaseMap, usePatch, usePatches } from './queries.ts';

const PlaceMap = defineAsyncComponent(() => import('./PlaceMap.vue'));
const words = useWords();
const route = useRoute();
const undo = useUndo();
const { groupId, group, mayPick } = useGroup();
const patch = usePatch(
  groupId,
  computed(() => String(route.params['patchId'])),
);
const all = usePatches(groupId);
/** The other places: their boundaries are caught on when this one is drawn. */
const neighbours = computed(() => (all.data.value ?? []).filter((x) => x.id !== p.value?.id));
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const facts = ref<PatchFacts | null>(null);
const geometry = ref<PatchGeometry | null>(null);
const height = ref('');
const imperial = computed(() => group.value?.units === 'imperial');
const p = computed(() => patch.data.value);
const mayChange = computed(() => mayPick.value && p.value !== undefined && !p.value.blurred);
watch(
  () => p.value?.version,
  () => {
    if (!p.value) return;
    const {
      id: _i,
      version: _v,
      areaM2: _a,
      blurred: _b,
      stands: _s,
      lifted: _l,
      finds: _f,
      inVain: _n,
      stationId: _st,
      stationsInUse: _u,
      thermometer: _h,
      ...own
    } = p.value;
    facts.value = own;
    geometry.value = own.geometry;
    height.value = heightFromM(own.heightM, imperial.value);
  },
  { immediate: true },
);
/** Ground that was closed would be open again: that needs a keeper and a reason. */
const lifts = computed(() =>
  CONTAMINATING.some((h) => p.value?.hazards.includes(h) && !facts.value?.hazards.includes(h)),
);
const liftReason = ref('');
const change = useChange(() =>
  call(ROUTES.changePatch, {
    params: { groupId: groupId.value!, patchId: p.value!.id },
    body: {
      version: p.value!.version,
      facts: { ...facts.value!, geometry: geometry.value!, heightM: heightToM(height.value, imperial.value) },
      liftReason: lifts.value ? liftReason.value : '',
    },
  }),
);
function useTerrain(terrain: Pick<PatchFacts, 'heightM' | 'slopeDeg' | 'aspect'>): void {
  facts.value = { ...facts.value!, ...terrain };
  height.value = heightFromM(terrain.heightM, imperial.value);
}
const keep = (): Promise<void> =>
  change.mutateAsync(undefined).then(
    () => undo.say(words.value.t('patch.changed')),
    () => undefined,
  );
</script>

<template>
  <StateNote
    v-if="patch.isLoadingError.value"
    state="failed"
    :text="patch.error.value?.message"
    @retry="patch.refetch()" />
  <StateNote v-else-if="!p || !facts" state="loading" />
  <form v-else class="page" @submit.prevent="keep">
    <h1>{{ p.name }}</h1>
    <p class="soft">
      {{ p.areaM2 ? words.format.area(p.areaM2) : '' }} <span v-if="p.blurred">{{ words.t('patch.blurred') }}</span>
    </p>
    <ul class="stands">
      <li v-for="s in p.stands" :key="s.id">
        <RouterLink :to="{ name: 'stand', params: { standId: s.id } }">{{ words.text(s.plantName) }}</RouterLink>
      </li>
      <li v-if="!p.stands.length" class="soft">{{ words.t('patch.nothingHere') }}</li>
      <li v-if="mayPick">
        <RouterLink :to="{ name: 'newPatch', query: { patch: p.id } }">{{ words.t('patch.addStand') }}</RouterLink>
      </li>
    </ul>
    <fieldset :disabled="!mayChange">
      <div class="grid">
        <label class="field"
          ><span>{{ words.t('patch.name') }}</span
          ><input v-model="facts.name" maxlength="80" required /></label
        ><label class="field"
          ><span>{{ words.t('patch.height') }}, {{ imperial ? 'ft' : 'm' }}</span
          ><input v-model="height" inputmode="decimal"
        /></label>
      </div>
      <PlaceMap v-model="geometry" :base-map="baseMap.data.value" :patches="neighbours" />
      <ElevationInput :geometry="geometry" @found="useTerrain" />
      <FactFields v-model="facts" class="facts" />
      <label v-if="lifts" class="field">
        <span class="warn">{{ words.t('lift.need') }}</span>
        <input
          v-model="liftReason"
          maxlength="300"
          :placeholder="words.t('lift.reason')"
          :aria-label="words.t('lift.reason')" />
      </label>
      <p v-if="change.error.value" class="warn" role="alert">{{ change.error.value.message }}</p>
      <button v-if="mayChange" type="submit" class="btn main" :disabled="!geometry || change.isPending.value">
        {{ words.t('common.save') }}
      </button>
    </fieldset>
    <PlaceStation v-if="!p.blurred" :patch="p" />
    <PlaceRecord :patch="p" />
    <PhotoStrip :patch-id="p.id" :stand-id="null" />
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 26px;
}
.grid {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
  max-width: 620px;
}
.facts {
  margin: 16px 0;
}
.stands {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}
</style>
