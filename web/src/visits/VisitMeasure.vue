<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { PlantProfile } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { useLengthUnit } from '../kit/use-length-unit.ts';
import { useWords } from '../session/words.ts';
import type { VisitDraft } from '../entries/visit-draft.ts';

/** How long a part is on some plants: windows by size are reckoned from it. */
const props = defineProps<{ profile: PlantProfile; form: FieldsForm; at: string }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const { unit, shown, stored } = useLengthUnit();
const parts = computed(() => props.profile.parts.filter((p) => p.growth));
const set = (i: number, typed: number | null | undefined): void => void (visit.value.lengthsCm[i] = stored(typed));
</script>

<template>
  <section v-if="parts.length">
    <h2>{{ words.t('visit.measure.title') }}</h2>
    <p class="soft">{{ words.t('visit.measure.lead') }}</p>
    <ChoiceChips
      v-model="visit.measuredPart"
      optional
      :label="words.t('visit.measure.title')"
      :options="parts.map((p) => ({ value: p.key, label: words.text(p.name) }))" />
    <FormField
      v-if="visit.measuredPart"
      :form="form"
      :at="`${at}.lengthsCm`"
      class="squares"
      :label="words.t('visit.measure.lengths', { unit })">
      <NumberField
        v-for="(cm, i) in visit.lengthsCm"
        :key="i"
        :model-value="shown(cm)"
        size="large"
        :label="words.t('visit.measure.plant', { n: i + 1 })"
        @update:model-value="set(i, $event)" />
      <Button v-if="visit.lengthsCm.length < 50" class="chip" @click="visit.lengthsCm.push(null)">
        {{ words.t('visit.measure.more') }}
      </Button>
    </FormField>
  </section>
</template>
