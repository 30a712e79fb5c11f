<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { COUNT_METHODS } from '@emberfield/contract';
import { EYE_CLASSES } from '@emberfield/core/counting';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';
import { estimateOf, type VisitDraft } from '../entries/visit-draft.ts';

/** `at`: where the count stands in the form's body. */
defineProps<{ form: FieldsForm; at: string }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const estimate = computed(() => estimateOf(visit.value));
const methodLabel = (m: (typeof COUNT_METHODS)[number]): string =>
  words.value.t(m === 'eye' ? 'visit.byEye' : `visit.${m}`);
</script>

<template>
  <section>
    <h2>{{ words.t('visit.count') }}</h2>
    <ChoiceChips
      v-model="visit.countMethod"
      optional
      :label="words.t('visit.count')"
      :options="COUNT_METHODS.map((m) => ({ value: m, label: methodLabel(m) }))" />
    <ChoiceChips
      v-if="visit.countMethod === 'eye'"
      v-model="visit.eye"
      optional
      :label="words.t('visit.byEye')"
      :options="EYE_CLASSES.map((e) => ({ value: e, label: words.t(`visit.eye.${e}`) }))" />
    <div v-else-if="visit.countMethod === 'complete'" class="numbers">
      <FormField
        v-for="what in ['plants', 'mature', 'flowering'] as const"
        :key="what"
        :form="form"
        :at="`${at}.${what}`"
        :label="words.t(`visit.${what}`)">
        <NumberField v-model="visit[what]" whole size="large" />
      </FormField>
    </div>
    <div v-else-if="visit.countMethod === 'quadrats'" class="numbers">
      <FormField :form="form" :at="`${at}.quadratAreaM2`" :label="words.t('visit.quadratArea')">
        <NumberField v-model="visit.quadratAreaM2" size="large" />
      </FormField>
      <FormField :form="form" :at="[`${at}.standAreaM2`, `${at}$`]" :label="words.t('visit.standArea')">
        <NumberField v-model="visit.standAreaM2" size="large" />
      </FormField>
      <FormField :form="form" :at="`${at}.counts`" class="squares" :label="words.t('visit.quadratCounts')">
        <NumberField
          v-for="(_, i) in visit.squares"
          :key="i"
          v-model="visit.squares[i]"
          whole
          size="large"
          :label="`${words.t('visit.quadratCounts')} ${i + 1}`" />
        <Button class="chip" @click="visit.squares.push(null)">{{ words.t('visit.addSquare') }}</Button>
      </FormField>
    </div>
    <p v-if="estimate">
      <b>{{
        words.t('visit.estimate', {
          value: words.format.number(estimate.value),
          low: words.format.number(estimate.low),
          high: words.format.number(estimate.high),
        })
      }}</b>
      <span v-if="estimate.moreQuadrats !== null" class="soft">
        {{
          estimate.moreQuadrats === 0
            ? words.t('visit.squaresEnough')
            : words.t('visit.squaresNeeded', { n: estimate.moreQuadrats })
        }}
      </span>
    </p>
  </section>
</template>

<style scoped>
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 10px;
}
.numbers label {
  display: grid;
  gap: 3px;
  font-size: 15px;
}
</style>
