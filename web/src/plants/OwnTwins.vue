<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import { computed } from 'vue';
import { isPoison } from '@emberfield/core/identity';
import { binomialOf, LOOK_ALIKE_SEVERITIES, type LookAlikeSeverity, type PlantListItem } from '@emberfield/contract';
import { ALWAYS, isMilder, NEVER } from '@emberfield/core/plants';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import PickOne from '../kit/PickOne.vue';
import { useWords } from '../session/words.ts';
import { blankTwin, type TwinForm } from './plain-form.ts';

/** What a plant of one's own could be taken for: from the list, or named anew. */
const props = defineProps<{
  form: FieldsForm;
  /** Where they stand in what is sent. */
  at: string;
  plants: readonly PlantListItem[];
  ownKey: string;
  /** Stages from which on something can be told apart. */
  stages: readonly { readonly value: string; readonly label: string }[];
}>();
const twins = defineModel<TwinForm[]>({ required: true });
const words = useWords();
const knownOf = (twin: TwinForm): PlantListItem | undefined =>
  twin.scientific.trim() === ''
    ? undefined
    : props.plants.find(
        (p) => p.key !== props.ownKey && binomialOf(p.scientific) === binomialOf(twin.scientific.trim()),
      );
const options = computed(() =>
  props.plants
    .filter((p) => p.key !== props.ownKey && !twins.value.some((t) => knownOf(t) === p))
    .map((p) => ({ value: p.key, label: `${words.value.text(p.names)} · ${p.scientific}` })),
);
function add(key: string | null): void {
  const plant = props.plants.find((p) => p.key === key);
  if (!plant) return;
  const severity: LookAlikeSeverity = plant.severity === 'none' ? 'nuisance' : plant.severity;
  twins.value = [
    ...twins.value,
    { ...blankTwin(), name: words.value.text(plant.names), scientific: plant.scientific, severity },
  ];
}
/** No milder than the list knows it. */
const severities = (twin: TwinForm) =>
  LOOK_ALIKE_SEVERITIES.filter((s) => !isMilder(s, knownOf(twin)?.severity ?? 'none')).map((s) => ({
    value: s,
    label: words.value.t(`stand.severity.${s}`),
  }));
const apart = computed(() => [
  { value: NEVER as string, label: words.value.t('ownPlant.apartNever') },
  { value: ALWAYS as string, label: words.value.t('ownPlant.apartAlways') },
  ...props.stages.map((s) => ({ value: s.value, label: words.value.t('ownPlant.apartFrom', { stage: s.label }) })),
]);
const hasNoSigns = (twin: TwinForm): boolean => twin.name.trim() !== '' && isPoison(twin.severity) && !knownOf(twin);
</script>

<template>
  <FormField bare :form="form" :at="`${at}$`" :label="words.t('ownPlant.twins')">
    <fieldset v-for="(twin, i) in twins" :key="i" class="one">
      <legend>{{ twin.name || words.t('ownPlant.twinNew') }}</legend>
      <div class="own-grid">
        <FormField v-if="!knownOf(twin)" :form="form" :at="`${at}[${i}].name`" :label="words.t('ownPlant.twinName')">
          <Input v-model:value="twin.name" :maxlength="80" />
        </FormField>
        <FormField :form="form" :at="`${at}[${i}].scientific`" :label="words.t('ownPlant.scientific')">
          <Input v-model:value="twin.scientific" :maxlength="120" />
        </FormField>
        <FormField :form="form" :at="`${at}[${i}].separatedBy`" :label="words.t('ownPlant.separatedBy')">
          <Input v-model:value="twin.separatedBy" :maxlength="600" />
        </FormField>
        <FormField :form="form" :at="`${at}[${i}].apart`" :label="words.t('ownPlant.apart')">
          <PickOne
            :model-value="twin.apart"
            :label="words.t('ownPlant.apart')"
            :options="apart"
            @update:model-value="$event && (twin.apart = $event)" />
        </FormField>
      </div>
      <h3>{{ words.t('ownPlant.severity') }}</h3>
      <ChoiceChips
        :model-value="twin.severity"
        :label="`${twin.name}, ${words.t('ownPlant.severity')}`"
        :options="severities(twin)"
        @update:model-value="$event && (twin.severity = $event)" />
      <p class="ticks">
        <Checkbox v-model:checked="twin.byPiece">{{ words.t('ownPlant.byPiece') }}</Checkbox>
      </p>
      <p v-if="hasNoSigns(twin)" class="warn">{{ words.t('ownPlant.noSigns', { name: twin.name }) }}</p>
      <Button type="text" @click="twins = twins.filter((t) => t !== twin)">{{
        words.t('ownPlant.dropTwin', { name: twin.name || words.t('ownPlant.twinNew') })
      }}</Button>
    </fieldset>
  </FormField>
  <div class="adds">
    <PickOne
      :key="twins.length"
      :model-value="null"
      :label="words.t('ownPlant.twinFromList')"
      :placeholder="words.t('ownPlant.twinFromList')"
      :options="options"
      @update:model-value="add" />
    <Button @click="twins = [...twins, blankTwin()]">{{ words.t('ownPlant.twinNew') }}</Button>
  </div>
</template>

<style scoped>
.adds {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.adds :deep(.ant-select) {
  width: 320px;
  max-width: 100%;
}
</style>
