<script setup lang="ts">
import { Button, QRCode } from 'ant-design-vue';
import { computed, ref } from 'vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import CountStepper from '../kit/CountStepper.vue';
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';
import { batchName } from './say-batch.ts';
import { useOneBatch } from './use-one-batch.ts';

/** Labels for jars: what it is, from where and when, how it may be eaten, and a code that opens the batch. */
const words = useWords();
const { query, larder, batch } = useOneBatch();
const SIZES = ['sheet', 'small'] as const;
const size = ref<(typeof SIZES)[number]>('sheet');
const MOST = 42;
const many = ref<number | null>(3);
const count = computed(() => Math.min(MOST, Math.max(1, Math.round(many.value || 1))));
/** A jar goes from hand to hand: where a secret place lies is on none of them unless somebody says so. */
const shownPlace = ref<boolean | null>(null);
const withPlace = computed(() => shownPlace.value ?? !(batch.value?.secret ?? true));
const address = computed(() => new URL(`/larder/${batch.value?.id ?? ''}`, globalThis.location.origin).href);
/** Whoever opens the jar has not read the plant’s page: what concerns the one who eats of it stands on the jar. */
const OF_EATING = ['notForEating', 'slowPoison', 'people', 'cooking', 'skin'];
const warnings = computed(() => batch.value?.cautions.filter((c) => OF_EATING.includes(c.class)) ?? []);
const print = (): void => globalThis.print();
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!larder" state="loading" />
  <StateNote v-else-if="!batch" state="empty" :title="words.t('larder.missing')" />
  <div v-else class="page labels">
    <div class="no-print">
      <h1>{{ words.t('larder.labelTitle', { what: batchName(batch, words) }) }}</h1>
      <ChoiceChips
        v-model="size"
        :label="words.t('larder.labelSize')"
        :options="SIZES.map((value) => ({ value, label: words.t(`larder.labelSizes.${value}`) }))" />
      <div class="row">
        <span>{{ words.t('larder.labelCount') }}</span>
        <CountStepper v-model="many" :label="words.t('larder.labelCount')" :most="MOST" />
        <Button class="chip" :aria-pressed="withPlace" @click="shownPlace = !withPlace">{{
          words.t('larder.labelPlace')
        }}</Button>
        <Button type="primary" @click="print()">{{ words.t('larder.print') }}</Button>
      </div>
    </div>
    <div :class="['sheet', size]">
      <article v-for="n in count" :key="n">
        <div>
          <b>{{ batchName(batch, words) }}</b>
          <span v-if="batch.body.name">{{ words.text(batch.plantName) }} · {{ words.text(batch.partName) }}</span>
          <i>{{ batch.scientific }}</i>
          <span>{{ words.t(`larder.ways.${batch.body.way}`) }}, {{ words.format.dayAndYear(batch.day) }}</span>
          <span v-if="withPlace">{{ batch.patchName }}</span>
          <strong>{{ words.t(`larder.raw.${batch.eating}`) }}</strong>
          <span v-if="batch.bestBefore">{{
            words.t('larder.bestBefore', { day: words.format.dayAndYear(batch.bestBefore) })
          }}</span>
          <em v-for="c in warnings" :key="c.text['en']">{{ words.text(c.text) }}</em>
        </div>
        <span role="img" :aria-label="words.t('larder.labelScan')"
          ><QRCode :value="address" :size="72" :bordered="false" type="svg" aria-hidden="true"
        /></span>
      </article>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: center;
  margin: 10px 0;
}
.sheet {
  display: grid;
  gap: 0;
}
.sheet.sheet {
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
}
.small.sheet {
  grid-template-columns: 234px;
}
article {
  display: flex;
  gap: 6px;
  justify-content: space-between;
  border: 1px dashed var(--edge);
  padding: 8px;
  background: #fff;
  color: #000;
  font-size: 12px;
  line-height: 1.25;
  break-inside: avoid;
}
article div {
  display: grid;
  align-content: start;
  overflow-wrap: anywhere;
}
article em {
  font-size: 11px;
}
article b {
  font-size: 14px;
}
@media print {
  .sheet.sheet {
    grid-template-columns: repeat(3, 1fr);
  }
  .small.sheet {
    grid-template-columns: 62mm;
  }
  article {
    min-height: 40mm;
  }
}
</style>
