<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, defineAsyncComponent } from 'vue';
import type { PatchFacts, PatchView, StationView } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import ElevationInput from './ElevationInput.vue';
import { asksAboutHeight } from './nearest-station.ts';
import { geometryFrom, heightFromM, heightToM, isNowhere, positionText, type NewPatchForm } from './new-patch.ts';
import { useBaseMap } from './queries.ts';
import { usePosition } from './use-position.ts';

// The map is heavy and not needed to type a position: it comes after the form.
const PlaceMap = defineAsyncComponent(() => import('./PlaceMap.vue'));
/** Name and position of a new place: typed, pressed on the map, or from the device; all three stay in step. */
const props = defineProps<{
  patches: readonly PatchView[];
  station: StationView | null;
  form: FieldsForm;
}>();
const values = defineModel<NewPatchForm>({ required: true });
const words = useWords();
const { group } = useGroup();
const imperial = computed(() => group.value?.units === 'imperial');
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const geometry = computed({
  get: () => values.value.geometry,
  set: (next) => {
    values.value.geometry = next;
    if (next) Object.assign(values.value, positionText(next));
  },
});
/** A height moves dates by days: one left blank, or far from the station's, is said. */
const heightNote = computed(() => {
  const { station } = props;
  if (!station || !values.value.geometry) return '';
  const { t, format } = words.value;
  const names = { station: station.name, height: format.height(station.heightM) };
  if (values.value.height.trim() === '') return t('patch.heightOfStation', names);
  const heightM = heightToM(values.value.height, imperial.value);
  return !Number.isNaN(heightM) && asksAboutHeight(heightM, station)
    ? t('patch.heightFarFrom', { ...names, own: format.height(heightM) })
    : '';
});
const { problem, locating, locate } = usePosition((found) => {
  geometry.value = found.geometry;
  if (found.heightM !== null) values.value.height = heightFromM(found.heightM, imperial.value);
});
function useTerrain(terrain: Pick<PatchFacts, 'heightM' | 'slopeDeg' | 'aspect'>): void {
  values.value.height = heightFromM(terrain.heightM, imperial.value);
  values.value.facts = { ...values.value.facts, slopeDeg: terrain.slopeDeg, aspect: terrain.aspect };
}
/** The map follows what was typed; an area whose middle still stands in the fields stays an area. */
function typed(): void {
  const next = geometryFrom(values.value);
  if (next && next !== values.value.geometry && !isNowhere(next)) geometry.value = next;
}
</script>

<template>
  <div class="grid">
    <FormField :form="form" at="place.name" :label="words.t('patch.name')">
      <Input v-model:value="values.facts.name" :maxlength="80" />
    </FormField>
    <FormField :form="form" at="place.geometry" :label="words.t('patch.latitude')">
      <Input v-model:value="values.latitude" inputmode="decimal" placeholder="46.012" @blur="typed" />
    </FormField>
    <FormField :form="form" at="place.geometry" :label="words.t('patch.longitude')">
      <Input v-model:value="values.longitude" inputmode="decimal" placeholder="-30.004" @blur="typed" />
    </FormField>
    <FormField :form="form" at="place.heightM" :label="words.t('patch.height')" :unit="imperial ? 'ft' : 'm'">
      <Input
        v-model:value="values.height"
        inputmode="decimal"
        :placeholder="station ? heightFromM(station.heightM, imperial) : '0'" />
    </FormField>
  </div>
  <p v-if="heightNote" class="note" role="status">{{ heightNote }}</p>
  <div class="row">
    <Button :disabled="locating" @click="locate">{{ words.t('patch.here') }}</Button>
    <span class="soft">{{ words.t(locating ? 'patch.locating' : 'patch.onMap') }}</span>
  </div>
  <p v-if="problem" class="warn" role="alert">{{ problem }}</p>
  <ElevationInput :geometry="geometry" @found="useTerrain" />
  <PlaceMap v-model="geometry" :base-map="baseMap.data.value" :patches="patches" />
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr;
  gap: 0 14px;
  margin-top: 8px;
}
.row {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 6px 0 10px;
  flex-wrap: wrap;
}
@media (max-width: 900px) {
  .grid {
    grid-template-columns: 1fr 1fr;
  }
  .grid > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
