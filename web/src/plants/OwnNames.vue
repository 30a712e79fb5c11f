<script setup lang="ts">
import { AutoComplete, Input, Textarea } from 'ant-design-vue';
import { computed } from 'vue';
import { binomialOf, HABITS, STATUSES, type PlantListItem } from '@emberfield/contract';
import { plainLetters } from '@emberfield/words';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import PickOne from '../kit/PickOne.vue';
import { useWords } from '../session/words.ts';
import { renamed, type PlainForm } from './plain-form.ts';

/** What a plant of one's own is called, what kind of plant it is, and what it is to those who gather. */
const props = defineProps<{ form: FieldsForm; plants: readonly PlantListItem[]; isNew: boolean }>();
const values = defineModel<PlainForm>({ required: true });
const words = useWords();
const ROLES = ['none', 'harmful', 'poisonous', 'deadly'] as const;
const families = computed(() =>
  [...new Set(props.plants.map((p) => p.family))]
    .map((family) => ({ value: family, label: `${family} · ${words.value.family(family)}` }))
    .sort((a, b) => a.value.localeCompare(b.value)),
);
const matches = (typed: string, option?: { readonly label?: unknown }): boolean =>
  plainLetters(String(option?.label ?? '')).includes(plainLetters(typed));
/** The plant of the list that is this very species: of that one a copy is made. */
const there = computed(() =>
  values.value.scientific.trim() === ''
    ? undefined
    : props.plants.find((p) => !p.own && binomialOf(p.scientific) === binomialOf(values.value.scientific.trim())),
);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('ownPlant.who') }}</h2>
    <div class="own-grid">
      <FormField :form="form" at="name" :label="words.t('ownPlant.name')">
        <Input :value="values.name" :maxlength="80" @update:value="Object.assign(values, renamed(values, $event))" />
      </FormField>
      <FormField :form="form" at="scientific" :label="words.t('ownPlant.scientific')">
        <Input v-model:value="values.scientific" :maxlength="120" />
        <RouterLink v-if="there" :to="{ name: 'editPlant', params: { plantKey: there.key } }">{{
          words.t('ownPlant.copyFirst')
        }}</RouterLink>
      </FormField>
      <FormField :form="form" at="family" :label="words.t('ownPlant.family')">
        <AutoComplete v-model:value="values.family" :options="families" :filter-option="matches" />
      </FormField>
      <FormField :form="form" at="habit" :label="words.t('ownPlant.kind')">
        <PickOne
          :model-value="values.habit"
          :label="words.t('ownPlant.kind')"
          :options="HABITS.map((h) => ({ value: h, label: words.t(`plants.habit.${h}`) }))"
          @update:model-value="$event && (values.habit = $event)" />
      </FormField>
      <FormField v-if="isNew" :form="form" at="key" :label="words.t('ownPlant.key')">
        <Input v-model:value="values.key" :maxlength="60" />
      </FormField>
      <FormField :form="form" at="region" optional :label="words.t('ownPlant.region')">
        <Input v-model:value="values.region" :maxlength="80" />
      </FormField>
    </div>
    <h3>{{ words.t('ownPlant.role') }}</h3>
    <ChoiceChips
      :model-value="values.severity"
      :label="words.t('ownPlant.role')"
      :options="ROLES.map((r) => ({ value: r, label: words.t(`ownPlant.roles.${r}`) }))"
      @update:model-value="$event && (values.severity = $event)" />
    <h3>{{ words.t('ownPlant.status') }}</h3>
    <ChoiceChips
      :model-value="values.status"
      :label="words.t('ownPlant.status')"
      :options="STATUSES.map((s) => ({ value: s, label: words.t(`plants.status.${s}`) }))"
      @update:model-value="$event && (values.status = $event)" />
    <FormField :form="form" at="about" optional :label="words.t('ownPlant.about')">
      <Textarea v-model:value="values.about" :rows="2" :maxlength="600" />
    </FormField>
  </section>
</template>
