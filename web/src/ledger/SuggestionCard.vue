<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { LedgerLine, LedgerStand, SuggestionView } from '@emberfield/contract';
import { dayNumber, yearOf } from '@emberfield/core/measure';
import DayField from '../kit/DayField.vue';
import GoButton from '../kit/GoButton.vue';
import NumberField from '../kit/NumberField.vue';
import { useUndo } from '../platform/use-undo.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useAccept } from './use-accept.ts';

/** One thing that the season suggests: what it stands on, and taken up, changed or left. */
const props = defineProps<{
  suggestion: SuggestionView;
  stand: LedgerStand;
  lines: readonly LedgerLine[];
  season: number;
  place: string;
  /** Whoever keeps the group decides. */
  decides: boolean;
}>();
const emit = defineEmits<{ leave: [] }>();
const words = useWords();
const undo = useUndo();
const { today } = useDay();
const accept = useAccept();
const PERCENT = 100;
const percent = (share: number): number => Math.round(PERCENT * share);
/** Through the next season; and through the one that comes, where that one is half over. */
const HALF_A_YEAR = 182;
const restUntil = ref(`${Math.max(props.season + 1, yearOf(dayNumber(today.value) + HALF_A_YEAR))}-12-31`);
const share = ref<number | null>(props.suggestion.kind === 'share' ? percent(props.suggestion.share) : null);
const cap = ref<number | null>(props.suggestion.kind === 'cap' ? props.suggestion.cap : null);
const lineOf = (part: string): LedgerLine | undefined =>
  props.lines.find((l) => l.standId === props.stand.id && l.part === part);
const amountOf = (part: string, n: number): string => {
  const line = lineOf(part);
  return line ? words.value.amount(n, line.unit) : words.value.format.number(n);
};
const partOf = (part: string): string => {
  const line = lineOf(part);
  return line ? words.value.text(line.partName) : part;
};
const grows = ({ aYear, sure, counts }: { aYear: number; sure: number; counts: number }) => ({
  ...{ counts, aYear: words.value.format.number(percent(aYear)), sure: percent(sure) },
});
const what = computed(
  () =>
    `${words.value.t(`ledger.${props.suggestion.kind}Title`)}: ${words.value.text(props.stand.plantName)}, ${props.place}`,
);
const why = computed(() => {
  const { t, format } = words.value;
  const s = props.suggestion;
  if (s.kind === 'cap') return t('ledger.whyCap', { part: partOf(s.part), now: s.now, ...grows(s) });
  if (s.kind === 'earlier')
    return [
      t('ledger.whyEarlier', { part: partOf(s.part), n: s.takes, tough: s.tough }),
      s.wasteShare === null ? '' : t('ledger.whyWaste', { percent: percent(s.wasteShare) }),
      t('ledger.movedEarlier', { n: s.days }),
    ]
      .filter(Boolean)
      .join(' ');
  if (s.kind === 'share') return t('ledger.whyShare', { now: percent(s.now), ...grows(s) });
  if (s.kind === 'count')
    return s.lastCount === null
      ? t('ledger.whyCountNone', { n: s.takes })
      : t('ledger.whyCountOld', { n: s.takes, day: format.dayAndYear(s.lastCount) });
  if (s.kind === 'drop')
    return t('ledger.whyDrop', {
      ...{ part: partOf(s.part), n: s.takes },
      here: format.number(s.minutes, 1),
      elsewhere: format.number(s.elsewhere, 1),
    });
  if (s.why.of === 'shrinks') return t('ledger.whyShrinks', grows(s.why));
  const { part, taken, allowed } = s.why;
  return t('ledger.whyOver', {
    part: partOf(part),
    taken: amountOf(part, taken),
    allowed: amountOf(part, allowed),
  });
});
const isCap = computed(() => Number.isInteger(cap.value) && cap.value! >= 1);
const isShare = computed(() => share.value !== null && share.value >= 1 && share.value <= PERCENT);
async function doIt(): Promise<void> {
  const { t, format } = words.value;
  const { stand, season, place } = props;
  const reason = t('ledger.restReason', { season });
  switch (props.suggestion.kind) {
    case 'rest': {
      const back = await accept.rest(stand, restUntil.value, reason);
      return undo.say(t('ledger.accepted.rest', { place, day: format.dayAndYear(restUntil.value) }), back);
    }
    case 'share': {
      const back = await accept.set(stand, { kind: 'fixedShare', share: share.value! / PERCENT }, reason);
      return undo.say(t('ledger.accepted.share', { place, share: share.value! }), back);
    }
    case 'cap': {
      const back = await accept.set(stand, { kind: 'perPlantCap', perPlant: cap.value! }, reason);
      return undo.say(t('ledger.accepted.cap', { place, n: cap.value! }), back);
    }
    case 'drop': {
      const back = await accept.drop(stand, t('ledger.dropReason', { season }));
      return undo.say(t('ledger.accepted.drop', { place }), back);
    }
    case 'earlier':
    case 'count':
  }
}
/** What failed is said beside it. */
const press = (): void => void doIt().catch(() => undefined);
</script>

<template>
  <article>
    <h3>{{ what }}</h3>
    <p class="small">{{ why }}</p>
    <div class="acts no-print">
      <template v-if="suggestion.kind === 'count'">
        <GoButton :to="{ name: 'visit', params: { standId: stand.id } }">{{ words.t('ledger.countNow') }}</GoButton>
      </template>
      <GoButton
        v-else-if="suggestion.kind === 'earlier'"
        :to="{ name: 'stand', params: { standId: stand.id }, query: { tab: 'taken' } }"
        >{{ words.t('ledger.toStand') }}</GoButton
      >
      <template v-else-if="decides">
        <label v-if="suggestion.kind === 'rest'"
          >{{ words.t('ledger.restUntil') }} <DayField v-model="restUntil"
        /></label>
        <label v-if="suggestion.kind === 'share'"
          >{{ words.t('ledger.shareNow') }} <NumberField v-model="share" :label="words.t('ledger.shareNow')"
        /></label>
        <label v-if="suggestion.kind === 'cap'"
          >{{ words.t('ledger.capNow') }} <NumberField v-model="cap" whole :label="words.t('ledger.capNow')"
        /></label>
        <Button
          type="primary"
          :disabled="(suggestion.kind === 'share' && !isShare) || (suggestion.kind === 'cap' && !isCap)"
          :loading="accept.busy()"
          :aria-label="`${words.t('ledger.accept')}: ${what}`"
          @click="press"
          >{{ words.t('ledger.accept') }}</Button
        >
      </template>
      <Button :aria-label="`${words.t('ledger.leave')}: ${what}`" @click="emit('leave')">{{
        words.t('ledger.leave')
      }}</Button>
    </div>
    <p v-if="accept.error()" class="warn" role="alert">{{ accept.error()?.message }}</p>
  </article>
</template>

<style scoped>
article {
  border-top: 1px solid var(--hair);
  padding: 10px 0;
  overflow-wrap: anywhere;
}
h3,
p {
  margin: 0 0 4px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.acts label {
  display: grid;
  gap: 2px;
}
</style>
