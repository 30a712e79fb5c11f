<script setup lang="ts">
import { REGIONS, type Region } from '@emberfield/core/plants';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ToggleChips from '../kit/ToggleChips.vue';
import { toggled } from '../kit/toggled.ts';
import { useWords } from '../session/words.ts';

/** Where a group gathers: one part of the world or several, or none said. */
defineProps<{ form: FieldsForm }>();
const chosen = defineModel<readonly Region[]>({ required: true });
const words = useWords();
</script>

<template>
  <FormField :form="form" at="regions" optional :label="words.t('founding.regions')">
    <ToggleChips
      :label="words.t('founding.regions')"
      :options="REGIONS.map((value) => ({ value, label: words.t(`plants.region.${value}`) }))"
      :chosen="chosen"
      @toggle="chosen = toggled(chosen, $event)" />
    <p class="soft small">{{ words.t('founding.regionsLead') }}</p>
  </FormField>
</template>

<style scoped>
p {
  margin: 6px 0 0;
}
</style>
