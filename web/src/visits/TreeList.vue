<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import NumberField from '../kit/NumberField.vue';
import { blankTree, type VisitDraft } from '../entries/visit-draft.ts';
import { useWords } from '../session/words.ts';

/** Trees one by one: whoever measured them before only puts right what has changed. */
const props = defineProps<{ form: FieldsForm; at: string; stand: StandView }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const last = computed(() => props.stand.counts.findLast((c) => c.trees)?.trees ?? []);
const isBlank = computed(() => visit.value.trees.every((t) => !t.name && t.girthCm === null && t.tips === null));
/** Only of plants of which single tips are taken. */
const hasTips = computed(() => props.stand.profile.parts.some((p) => p.unit === 'tip'));
</script>

<template>
  <FormField :form="form" :at="`${at}.trees`" bare :label="words.t('visit.trees')">
    <p class="soft small">{{ words.t('visit.treesLead') }}</p>
    <Button v-if="last.length && isBlank" class="chip" @click="visit.trees = last.map((t) => ({ ...t }))">{{
      words.t('visit.lastTrees', { n: last.length })
    }}</Button>
    <div v-for="(tree, i) in visit.trees" :key="i" class="tree">
      <b>{{ i + 1 }}</b>
      <Input
        v-model:value="tree.name"
        size="large"
        :maxlength="40"
        :aria-label="`${words.t('visit.treeName')} ${i + 1}`"
        :placeholder="words.t('visit.treeName')" />
      <NumberField
        v-model="tree.girthCm"
        size="large"
        unit="cm"
        :label="`${words.t('visit.girth')} ${i + 1}`"
        :placeholder="words.t('visit.girth')" />
      <NumberField
        v-if="hasTips"
        v-model="tree.tips"
        whole
        size="large"
        :label="`${words.t('visit.treeTips')} ${i + 1}`"
        :placeholder="words.t('visit.treeTips')" />
    </div>
    <Button class="chip" @click="visit.trees.push(blankTree())">{{ words.t('visit.addTree') }}</Button>
  </FormField>
</template>

<style scoped>
.tree {
  display: grid;
  grid-auto-columns: 1fr;
  grid-auto-flow: column;
  grid-template-columns: 20px;
  gap: 8px;
  align-items: center;
  margin-top: 8px;
}
</style>
