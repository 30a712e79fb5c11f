<script setup lang="ts">
import { computed } from 'vue';
import { centreOf, type PatchView } from '@emberfield/contract';
import { LANDMARKS } from '@emberfield/core/plants';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import PickOne from '../kit/PickOne.vue';
import YearDayField from '../kit/YearDayField.vue';
import { useWords } from '../session/words.ts';
import { GOES_BY, type PlainForm } from './plain-form.ts';

/** The turns of its year, as far as somebody knows them, and where they hold. */
const props = defineProps<{ form: FieldsForm; places: readonly PatchView[] }>();
const values = defineModel<PlainForm>({ required: true });
const words = useWords();
const options = computed(() => props.places.filter((p) => !p.blurred).map((p) => ({ value: p.id, label: p.name })));
function holdsAt(id: string | null): void {
  const place = props.places.find((p) => p.id === id);
  if (!place) return void (values.value.at = null);
  const { latitudeDeg } = centreOf(place.geometry);
  values.value.at = { latitudeDeg, heightM: place.heightM, placeId: place.id };
  values.value.south = latitudeDeg < 0;
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('ownPlant.year') }}</h2>
    <p class="soft">{{ words.t('ownPlant.yearLead') }}</p>
    <div class="own-grid">
      <FormField
        v-for="l in LANDMARKS"
        :key="l"
        :form="form"
        :at="`landmarks.${l}`"
        optional
        :label="words.t(`ownPlant.landmark.${l}`)">
        <YearDayField v-model="values.landmarks[l]" optional :label="words.t(`ownPlant.landmark.${l}`)" />
      </FormField>
      <FormField :form="form" at="at" optional :label="words.t('ownPlant.holdsAt')">
        <PickOne
          :model-value="values.at?.placeId || null"
          optional
          :label="words.t('ownPlant.holdsAt')"
          :placeholder="values.at ? words.format.height(values.at.heightM) : words.t('ownPlant.holdsNowhere')"
          :options="options"
          @update:model-value="holdsAt" />
      </FormField>
      <FormField :form="form" :at="['start', '$']" optional :label="words.t('ownPlant.start')">
        <YearDayField v-model="values.start" optional :label="words.t('ownPlant.start')" />
      </FormField>
    </div>
    <FormField :form="form" at="goesBy" :label="words.t('ownPlant.goesBy')">
      <ChoiceChips
        v-model="values.goesBy"
        :label="words.t('ownPlant.goesBy')"
        :options="GOES_BY.map((g) => ({ value: g, label: words.t(`ownPlant.goes.${g}`) }))" />
    </FormField>
    <p class="soft small">{{ words.t(`ownPlant.goesNote.${values.goesBy}`) }}</p>
    <ChoiceChips
      v-if="values.at === null"
      :model-value="values.south ? 'south' : 'north'"
      :label="words.t('ownPlant.half')"
      :options="(['north', 'south'] as const).map((h) => ({ value: h, label: words.t(`ownPlant.halves.${h}`) }))"
      @update:model-value="values.south = $event === 'south'" />
  </section>
</template>
