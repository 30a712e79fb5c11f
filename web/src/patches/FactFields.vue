<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import {
  ASPECTS,
  CANOPIES,
  CONTAMINATING,
  HAZARDS,
  LEAVES,
  MOISTURES,
  SUBSTRATES,
  type Hazard,
  type PatchFacts,
} from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import PickOne from '../kit/PickOne.vue';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';
import WhenFields from './WhenFields.vue';

/** What people forget to write down and cannot reconstruct at home. */
const facts = defineModel<PatchFacts>({ required: true });
/** `root`: where the facts stand in the body. */
defineProps<{ form: FieldsForm; root: string }>();
const words = useWords();
const set = <K extends keyof PatchFacts>(key: K, value: PatchFacts[K]): void =>
  void (facts.value = { ...facts.value, [key]: value });
const SELECTS = [
  ['substrate', SUBSTRATES],
  ['canopy', CANOPIES],
  ['aspect', ASPECTS],
  ['moisture', MOISTURES],
  ['leave', LEAVES],
] as const;
const toggle = (h: Hazard): void =>
  set(
    'hazards',
    facts.value.hazards.includes(h) ? facts.value.hazards.filter((x) => x !== h) : [...facts.value.hazards, h],
  );
</script>

<template>
  <div class="facts">
    <FormField
      v-for="[key, options] in SELECTS"
      :key="key"
      :form="form"
      :at="`${root}.${key}`"
      :label="words.t(`patch.facts.${key}`)">
      <PickOne
        :model-value="facts[key] as string"
        :options="options.map((o) => ({ value: o as string, label: words.t(`patch.${key}.${o}`) }))"
        @update:model-value="$event && set(key, $event as never)" />
    </FormField>
    <FormField :form="form" :at="`${root}.slopeDeg`" :label="words.t('patch.facts.slope')">
      <NumberField :model-value="facts.slopeDeg" @update:model-value="set('slopeDeg', $event ?? NaN)" />
    </FormField>
    <FormField :form="form" :at="`${root}.owner`" :label="words.t('patch.facts.owner')">
      <Input :maxlength="120" :value="facts.owner" @update:value="set('owner', $event)" />
    </FormField>
    <FormField
      v-if="facts.leave === 'given'"
      :form="form"
      :at="`${root}.leaveUntil`"
      :label="words.t('patch.facts.leaveUntil')">
      <DayField
        optional
        :model-value="facts.leaveUntil ?? ''"
        @update:model-value="set('leaveUntil', $event || null)" />
    </FormField>
    <FormField
      v-if="facts.hazards.includes('tide')"
      class="wide"
      :form="form"
      :at="`${root}.tideLevelM`"
      :label="words.t('patch.facts.tideLevel')">
      <NumberField
        :model-value="facts.tideLevelM ?? null"
        size="large"
        :label="words.t('patch.facts.tideLevel')"
        @update:model-value="set('tideLevelM', $event ?? null)" />
      <span class="soft small">{{ words.t('patch.facts.tideLevelText') }}</span>
    </FormField>
    <WhenFields v-model="facts" />
    <FormField class="wide" :form="form" :at="`${root}.access`" :label="words.t('patch.facts.access')">
      <Input :maxlength="600" :value="facts.access" @update:value="set('access', $event)" />
    </FormField>
    <FormField class="wide" :form="form" :at="`${root}.neighbours`" :label="words.t('patch.facts.neighbours')">
      <Input :maxlength="600" :value="facts.neighbours" @update:value="set('neighbours', $event)" />
    </FormField>
    <div class="wide field">
      <span>{{ words.t('patch.facts.hazards') }}</span>
      <div class="chips">
        <Button v-for="h in HAZARDS" :key="h" class="chip" :aria-pressed="facts.hazards.includes(h)" @click="toggle(h)">
          {{ words.t(`patch.hazard.${h}`) }}
        </Button>
      </div>
      <p v-if="facts.hazards.some((h) => CONTAMINATING.includes(h))" class="warn">
        {{ words.t('patch.contaminating') }}
      </p>
    </div>
    <Checkbox class="wide" :checked="facts.tended ?? false" @update:checked="set('tended', $event)"
      >{{ words.t('patch.tended') }} <span class="soft small">{{ words.t('patch.tendedNote') }}</span></Checkbox
    >
    <Checkbox class="wide" :checked="facts.secret" @update:checked="set('secret', $event)"
      >{{ words.t('patch.secret') }} <span class="soft small">{{ words.t('patch.secretNote') }}</span></Checkbox
    >
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 0 16px;
}
.wide {
  grid-column: 1 / -1;
}
.chip {
  border-radius: 4px;
}
</style>
