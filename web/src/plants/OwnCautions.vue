<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { CAUTION_CLASSES } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import PickOne from '../kit/PickOne.vue';
import { useWords } from '../session/words.ts';
import type { PlainForm } from './plain-form.ts';

/** Cautions of one's own, each of a kind. */
defineProps<{ form: FieldsForm; at: string }>();
const cautions = defineModel<PlainForm['cautions']>({ required: true });
const words = useWords();
</script>

<template>
  <div v-for="(c, i) in cautions" :key="i" class="caution">
    <PickOne
      :model-value="c.class"
      :label="words.t('ownPlant.cautionKind')"
      :options="CAUTION_CLASSES.map((k) => ({ value: k, label: words.t(`ownPlant.caution.${k}`) }))"
      @update:model-value="$event && (c.class = $event)" />
    <FormField bare :form="form" :at="`${at}[${i}].text`" :label="words.t('ownPlant.cautions')">
      <Input v-model:value="c.text" :maxlength="600" :aria-label="words.t('ownPlant.cautions')" />
    </FormField>
    <Button type="text" @click="cautions = cautions.filter((x) => x !== c)">{{
      words.t('ownPlant.dropCaution')
    }}</Button>
  </div>
  <Button @click="cautions = [...cautions, { class: 'handling', text: '' }]">{{
    words.t('ownPlant.addCaution')
  }}</Button>
</template>

<style scoped>
.caution {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: start;
}
@media (max-width: 900px) {
  .caution {
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
    margin-bottom: 14px;
  }
}
</style>
