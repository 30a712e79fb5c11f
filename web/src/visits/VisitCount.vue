<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { COUNT_METHODS, type StandView } from '@emberfield/contract';
import { EYE_CLASSES } from '@emberfield/core/counting';
import { isGoneBackTo } from '@emberfield/core/plants';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import { isPhone } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';
import { sayMethod } from '../entries/say-method.ts';
import { estimateOf, type VisitDraft } from '../entries/visit-draft.ts';
import type { Classes } from './class-count.ts';
import ClassCounter from './ClassCounter.vue';
import SquareCounter from './SquareCounter.vue';
import TreeList from './TreeList.vue';

/** `at`: where the count stands in the form's body. */
const props = defineProps<{ form: FieldsForm; at: string; stand: StandView }>();
/** Of the boundary that was drawn. */
const areaM2 = computed(() => props.stand.patch.areaM2);
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const estimate = computed(() => estimateOf(visit.value));
/** Only trees and bushes are known one by one. */
const methods = computed(() => COUNT_METHODS.filter((m) => m !== 'trees' || isGoneBackTo(props.stand.profile)));
const byThumb = ref(isPhone.value);
/** What can be counted with the thumb. */
const canTap = computed(() => visit.value.countMethod === 'complete' || visit.value.countMethod === 'quadrats');
/** A number was typed of which nobody said how many of them are grown: taps would say that none is. */
const untold = computed(() => {
  const { countMethod, plants, mature, squares, squareClasses } = visit.value;
  return countMethod === 'complete'
    ? plants !== null && mature === null
    : squares.some((n, i) => n !== null && !squareClasses[i]);
});
const tapping = computed(() => byThumb.value && !untold.value);
const all = computed<Classes>({
  get: () => {
    const { plants, mature, flowering } = visit.value;
    return { plants: plants ?? 0, mature: mature ?? 0, flowering: flowering ?? 0 };
  },
  set: (now) => Object.assign(visit.value, now),
});
const type = (i: number, n: number | null | undefined): void => {
  visit.value.squares[i] = n ?? null;
  visit.value.squareClasses[i] = null;
};
const more = computed(() => {
  const n = estimate.value?.moreQuadrats ?? null;
  if (n === null) return '';
  if (n === 0) return words.value.t('visit.squaresEnough');
  return words.value.t(visit.value.countMethod === 'clumps' ? 'visit.clumpsNeeded' : 'visit.squaresNeeded', { n });
});
</script>

<template>
  <section>
    <h2>{{ words.t('visit.count') }}</h2>
    <ChoiceChips
      v-model="visit.countMethod"
      optional
      :label="words.t('visit.count')"
      :options="methods.map((m) => ({ value: m, label: sayMethod(m, words) }))" />
    <ChoiceChips
      v-if="visit.countMethod === 'eye'"
      v-model="visit.eye"
      optional
      :label="words.t('visit.byEye')"
      :options="EYE_CLASSES.map((e) => ({ value: e, label: words.t(`visit.eye.${e}`) }))" />
    <Button v-if="canTap && !untold" type="link" class="way" @click="byThumb = !byThumb">{{
      words.t(tapping ? 'visit.byNumber' : 'visit.byTap')
    }}</Button>
    <template v-if="visit.countMethod === 'complete'">
      <ClassCounter v-if="tapping" v-model="all" />
      <div v-else class="numbers">
        <FormField
          v-for="what in ['plants', 'mature', 'flowering'] as const"
          :key="what"
          :form="form"
          :at="`${at}.${what}`"
          :label="words.t(`visit.${what}`)">
          <NumberField v-model="visit[what]" whole size="large" />
        </FormField>
      </div>
    </template>
    <template v-else-if="visit.countMethod === 'quadrats' || visit.countMethod === 'belts'">
      <div class="numbers">
        <FormField
          v-if="visit.countMethod === 'quadrats'"
          :form="form"
          :at="`${at}.quadratAreaM2`"
          :label="words.t('visit.quadratArea')">
          <NumberField v-model="visit.quadratAreaM2" size="large" />
        </FormField>
        <FormField v-else :form="form" :at="`${at}.widthM`" :label="words.t('visit.beltWidth')">
          <NumberField v-model="visit.beltWidthM" size="large" />
        </FormField>
        <FormField :form="form" :at="[`${at}.standAreaM2`, `${at}$`]" :label="words.t('visit.standArea')">
          <NumberField v-model="visit.standAreaM2" size="large" />
        </FormField>
      </div>
      <p v-if="areaM2 !== null" class="small">
        <Button @click="visit.standAreaM2 = Math.round(areaM2)">{{
          words.t('visit.areaDrawn', { area: words.format.area(areaM2) })
        }}</Button>
        <span class="soft"> {{ words.t('visit.areaLead') }}</span>
      </p>
      <template v-if="visit.countMethod === 'quadrats'">
        <SquareCounter v-if="tapping" v-model="visit" :stand="stand" />
        <FormField v-else :form="form" :at="`${at}.counts`" class="squares" :label="words.t('visit.quadratCounts')">
          <NumberField
            v-for="(n, i) in visit.squares"
            :key="i"
            :model-value="n"
            whole
            size="large"
            :label="`${words.t('visit.quadratCounts')} ${i + 1}`"
            @update:model-value="type(i, $event)" />
          <Button class="chip" @click="visit.squares.push(null)">{{ words.t('visit.addSquare') }}</Button>
        </FormField>
      </template>
      <FormField v-else :form="form" :at="`${at}.belts`" bare :label="words.t('visit.belts')">
        <div v-for="(b, i) in visit.belts" :key="i" class="belt">
          <b>{{ i + 1 }}</b>
          <NumberField
            v-model="b.lengthM"
            size="large"
            :label="`${words.t('visit.beltLength')} ${i + 1}`"
            :placeholder="words.t('visit.beltLength')" />
          <NumberField
            v-model="b.plants"
            whole
            size="large"
            :label="`${words.t('visit.beltPlants')} ${i + 1}`"
            :placeholder="words.t('visit.beltPlants')" />
        </div>
        <Button class="chip" @click="visit.belts.push({ plants: null, lengthM: null })">{{
          words.t('visit.addBelt')
        }}</Button>
      </FormField>
    </template>
    <div v-else-if="visit.countMethod === 'clumps'" class="numbers">
      <FormField :form="form" :at="[`${at}.clumps`, `${at}$`]" :label="words.t('visit.clumpsAll')">
        <NumberField v-model="visit.clumps" whole size="large" />
      </FormField>
      <FormField :form="form" :at="`${at}.shoots`" :label="words.t('visit.shoots')">
        <NumberField
          v-for="(_, i) in visit.shoots"
          :key="i"
          v-model="visit.shoots[i]"
          whole
          size="large"
          :label="`${words.t('visit.shoots')} ${i + 1}`" />
        <Button class="chip" @click="visit.shoots.push(null)">{{ words.t('visit.addClump') }}</Button>
      </FormField>
    </div>
    <TreeList v-else-if="visit.countMethod === 'trees'" v-model="visit" :form="form" :at="at" :stand="stand" />
    <p v-if="estimate" role="status">
      <b>{{
        words.t('visit.estimate', {
          value: words.format.number(estimate.value),
          low: words.format.number(estimate.low),
          high: words.format.number(estimate.high),
        })
      }}</b>
      <span class="soft"> {{ more }}</span>
      <span v-if="estimate.fit === 'negativeBinomial'" class="soft"> {{ words.t('visit.inHeaps') }}</span>
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
.way {
  justify-self: start;
  padding-inline: 0;
  min-height: 44px;
}
.belt {
  display: grid;
  grid-template-columns: 20px 1fr 1fr;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}
</style>
