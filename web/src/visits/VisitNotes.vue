<script setup lang="ts">
import { Input, Textarea } from 'ant-design-vue';
import { LOSS_CAUSES } from '@emberfield/contract';
import DayField from '../kit/DayField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';
import { shareChoices } from '../entries/share-choices.ts';
import type { VisitDraft } from '../entries/visit-draft.ts';

/** What was lost to others, and what wants writing down. */
const LOSSES = [0.1, 0.3, 0.5, 0.9];
defineProps<{ today: string }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
</script>

<template>
  <section>
    <h2>{{ words.t('visit.loss') }}</h2>
    <ChoiceChips
      v-model="visit.lossCause"
      optional
      :label="words.t('visit.loss')"
      :options="LOSS_CAUSES.map((c) => ({ value: c, label: words.t(`visit.lossCause.${c}`) }))" />
    <ChoiceChips
      v-if="visit.lossCause"
      :model-value="String(visit.lossShare)"
      :label="words.t('visit.lossShare')"
      :options="shareChoices(words, LOSSES)"
      @update:model-value="visit.lossShare = Number($event)" />
  </section>
  <section>
    <label class="field">
      <span>{{ words.t('visit.note') }}</span><Textarea v-model:value="visit.note" :rows="2" :maxlength="4000" />
    </label>
    <label class="field">
      <span>{{ words.t('visit.shownBy') }}</span><Input v-model:value="visit.shownBy" :maxlength="120" />
    </label>
    <label v-if="visit.shownBy" class="field">
      <span>{{ words.t('visit.calledThere') }}</span><Input v-model:value="visit.calledThere" :maxlength="120" />
    </label>
    <label class="field">
      <span>{{ words.t('visit.when') }}</span>
      <DayField :model-value="visit.day || today" :max="today" @update:model-value="visit.day = $event" />
    </label>
  </section>
</template>
