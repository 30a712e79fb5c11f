<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { LedgerStand } from '@emberfield/contract';
import FoldUp from '../kit/FoldUp.vue';
import PickMany from '../kit/PickMany.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { useLedger } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import LedgerChart from './LedgerChart.vue';
import LinesTable from './LinesTable.vue';
import MissedTable from './MissedTable.vue';
import StandsTable from './StandsTable.vue';
import SuggestionCard from './SuggestionCard.vue';
import WantsTable from './WantsTable.vue';
import { keyOf, shownOf, type LedgerRow } from './ledger-rows.ts';

/** A season looked back on, to read, to print and to hand out; and what it suggests for the next. */
const words = useWords();
const { groupId, group, isKeeper } = useGroup();
const { today } = useDay();
const season = ref<number | null>(null);
const ledger = useLedger(groupId, season);
const view = computed(() => ledger.data.value);
const patchIds = ref<readonly string[]>([]);
const namesSecrets = ref(false);
/** What somebody left is not shown to them again; others decide for themselves. */
const left = useDraft<string[]>('ledger-left', []);
const shown = computed(() => view.value && shownOf(view.value, patchIds.value, left.value));
const places = computed(() => {
  const once = new Map((view.value?.stands ?? []).map((s) => [s.patchId, s.patchName]));
  return [...once].map(([value, label]) => ({ value, label })).sort((a, b) => a.label.localeCompare(b.label));
});
const hasSecrets = computed(() => shown.value?.stands.some((s) => s.secret) ?? false);
const placeOf = (s: LedgerStand): string =>
  s.secret && !namesSecrets.value
    ? words.value.t('ledger.secretNamed')
    : [s.patchName, s.where].filter(Boolean).join(', ');
const nameOf = ({ stand, line }: LedgerRow): string =>
  `${words.value.text(stand.plantName)} · ${words.value.text(line.partName)}, ${placeOf(stand)}`;
const fileOf = (what: string): string =>
  words.value.t('ledger.file', { season: String(view.value?.season ?? ''), what: words.value.t(`ledger.${what}`) });
const print = (): void => window.print();
</script>

<template>
  <StateNote
    v-if="ledger.isLoadingError.value"
    state="failed"
    :text="ledger.error.value?.message"
    @retry="ledger.refetch()" />
  <StateNote v-else-if="!view || !shown" state="loading" />
  <div v-else class="page ledger" :aria-busy="ledger.isPlaceholderData.value">
    <h1>{{ words.t('ledger.of', { season: String(view.season) }) }}</h1>
    <p class="soft no-print">{{ words.t('ledger.lead') }}</p>
    <p class="only-print">
      {{ words.t('ledger.printed', { day: words.format.dayAndYear(today), group: group?.name ?? '' }) }}
    </p>
    <div class="bar no-print">
      <PickOne
        :model-value="String(view.season)"
        :label="words.t('ledger.season')"
        :options="view.seasons.map((s) => ({ value: String(s), label: String(s) }))"
        @update:model-value="season = Number($event)" />
      <PickMany
        v-model="patchIds"
        class="places"
        :label="words.t('ledger.places')"
        :options="places"
        :placeholder="words.t('ledger.allPlaces')" />
      <Checkbox v-if="hasSecrets" v-model:checked="namesSecrets">{{ words.t('ledger.secretNames') }}</Checkbox>
      <Button @click="print">{{ words.t('ledger.print') }}</Button>
    </div>
    <StateNote
      v-if="shown.rows.length + shown.missed.length === 0"
      state="empty"
      :title="words.t('ledger.none')"
      :text="words.t('ledger.noneText')" />
    <section class="section no-print">
      <h2>{{ words.t('ledger.suggestions') }}</h2>
      <p class="soft small">{{ words.t('ledger.suggestionsLead') }}</p>
      <p v-if="shown.suggestions.length === 0">{{ words.t('ledger.noSuggestions') }}</p>
      <SuggestionCard
        v-for="{ suggestion, stand } in shown.suggestions"
        :key="keyOf(view.season, suggestion)"
        :suggestion="suggestion"
        :stand="stand"
        :lines="view.lines"
        :season="view.season"
        :place="placeOf(stand)"
        :decides="isKeeper"
        @leave="left = [...left, keyOf(view.season, suggestion)]" />
      <p v-if="shown.left" class="soft small">
        {{ words.t('ledger.left', { n: shown.left }) }}
        <Button type="link" @click="left = []">{{ words.t('ledger.showLeft') }}</Button>
      </p>
    </section>
    <section v-if="shown.rows.length" class="section">
      <h2>{{ words.t('ledger.lines') }}</h2>
      <LedgerChart :rows="shown.rows" :name-of="nameOf" :file="fileOf('lines')" />
      <LinesTable :rows="shown.rows" :place-of="placeOf" :file="fileOf('lines')" />
    </section>
    <FoldUp v-if="view.lines.length" :title="words.t('ledger.missed')">
      <MissedTable v-if="shown.missed.length" :rows="shown.missed" :place-of="placeOf" :file="fileOf('missed')" />
      <p v-else>{{ words.t('ledger.missedAll') }}</p>
    </FoldUp>
    <section v-if="shown.stands.length" class="section">
      <h2>{{ words.t('ledger.stands') }}</h2>
      <StandsTable :stands="shown.stands" :place-of="placeOf" :file="fileOf('stands')" />
    </section>
    <WantsTable :file="fileOf('wants')" />
    <p class="no-print">
      <RouterLink :to="{ name: 'proof' }">{{ words.t('ledger.dates') }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.ledger {
  max-width: 1000px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.places {
  flex: 1 1 220px;
  max-width: 420px;
}
</style>
