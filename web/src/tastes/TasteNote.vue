<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { BatchView, TasteView } from '@emberfield/contract';
import { isToAsk, tasteOf, type Taste } from '@emberfield/core/larder';
import GoButton from '../kit/GoButton.vue';
import { useTastes } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useTasteChanges } from './use-taste-changes.ts';

/** Whether somebody has eaten of a batch before, what came of it, and who of the group does not bear it. */
const props = defineProps<{ batch: BatchView; doubtful: boolean }>();
const words = useWords();
const { groupId } = useGroup();
const { today } = useDay();
const tastes = useTastes(groupId);
const { failure, isBusy, add, change } = useTasteChanges();
const of = computed(() => ({
  ...{ plantKey: props.batch.plantKey, family: props.batch.family, part: props.batch.body.part },
}));
const mine = computed(() => (tastes.data.value?.mine ?? []).map((t) => ({ ...t.terms, view: t })));
const cookedOnly = computed(() => props.batch.eating === 'cooked');
const standing = computed(() => tasteOf(mine.value, { ...of.value, cooked: true }));
const rawIsNew = computed(
  () => props.batch.eating === 'raw' && tasteOf(mine.value, { ...of.value, cooked: false }).standing === 'new',
);
const others = computed(() =>
  (tastes.data.value?.others ?? []).filter((t) => tasteOf([t], { ...of.value, cooked: true }).standing === 'reacts'),
);
const never = computed(() =>
  props.batch.eating === 'none'
    ? 'none'
    : props.batch.identity !== 'confirmed'
      ? 'notSettled'
      : props.doubtful
        ? 'doubtful'
        : null,
);
function what(t: Taste): string {
  const { t: say, format } = words.value;
  if (t.outcome === 'known' && t.family !== null) return words.value.family(t.family);
  return say(`taste.of.${t.outcome === 'known' ? 'known' : 'something'}`, { day: format.day(t.day, today.value) });
}
const reaction = (t: Taste & { readonly note: string }, by?: string): string => {
  const key = by === undefined ? 'reacts' : 'otherReacts';
  const values = { what: what(t), note: t.note, by: by ?? '' };
  return words.value.t(t.note ? `taste.${key}Note` : `taste.${key}`, values);
};
const toAsk = computed(() => standing.value.by !== null && isToAsk(standing.value.by, today.value));
const day = computed(() => (standing.value.by ? words.value.format.day(standing.value.by.day, today.value) : ''));
const came = ref(false);
const note = ref('');
const shared = ref(false);
const begin = (cooked: boolean): Promise<boolean> =>
  add(
    {
      ...{ ...of.value, family: null, batchId: props.batch.id, day: today.value, cooked },
      ...{ outcome: 'waiting', note: '', shared: false },
    },
    words.value.t('taste.noted'),
  );
async function settle(view: TasteView, outcome: 'nothing' | 'something'): Promise<void> {
  const over = outcome === 'nothing' ? { outcome } : { outcome, note: note.value.trim(), shared: shared.value };
  if (await change(view, over, words.value.t('taste.notedOutcome'))) came.value = false;
}
</script>

<template>
  <section v-if="tastes.data.value" :aria-label="words.t('taste.title')">
    <h2>{{ words.t('taste.title') }}</h2>
    <p v-for="o in others" :key="o.id" class="warn">{{ reaction(o, o.by) }}</p>
    <p v-if="standing.standing === 'reacts'" class="warn" role="alert">{{ reaction(standing.by!) }}</p>
    <p v-else-if="never" :class="never === 'none' ? 'soft' : 'warn'">{{ words.t(`taste.never.${never}`) }}</p>
    <template v-else-if="standing.standing === 'new'">
      <p>{{ words.t('taste.isNew') }} {{ words.t('taste.how') }}</p>
      <div class="row no-print">
        <span>{{ words.t('taste.note') }}:</span>
        <Button :loading="isBusy" @click="begin(true)">{{ words.t('taste.cooked') }}</Button>
        <Button v-if="!cookedOnly" :loading="isBusy" @click="begin(false)">{{ words.t('taste.raw') }}</Button>
      </div>
    </template>
    <template v-else-if="standing.standing === 'eaten'">
      <p class="soft">{{ words.t('taste.eaten', { day }) }}</p>
      <div v-if="rawIsNew" class="row no-print">
        <span>{{ words.t('taste.rawIsNew') }}</span>
        <Button :loading="isBusy" @click="begin(false)">{{ words.t('taste.raw') }}</Button>
      </div>
    </template>
    <template v-else>
      <p>{{ toAsk ? words.t('taste.waiting', { day }) : words.t('taste.waitingToday') }}</p>
      <div class="row no-print">
        <Button v-if="toAsk" :loading="isBusy" @click="settle(standing.by!.view, 'nothing')">{{
          words.t('taste.nothing')
        }}</Button>
        <Button :aria-expanded="came" @click="came = !came">{{ words.t('taste.something') }}</Button>
      </div>
      <form v-if="came" class="came" @submit.prevent="settle(standing.by!.view, 'something')">
        <label class="what">{{ words.t('taste.what') }} <Input v-model:value="note" :maxlength="600" /></label>
        <Checkbox v-model:checked="shared">{{ words.t('taste.share') }}</Checkbox>
        <Button type="primary" html-type="submit" :loading="isBusy">{{ words.t('common.save') }}</Button>
        <GoButton :to="{ name: 'need' }">{{ words.t('taste.help') }}</GoButton>
      </form>
    </template>
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
    <p class="soft small">{{ words.t('taste.private') }}</p>
  </section>
</template>

<style scoped>
.row,
.came {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 6px 0;
}
.came {
  display: grid;
  justify-items: start;
}
.what {
  display: grid;
  width: min(100%, 420px);
}
</style>
