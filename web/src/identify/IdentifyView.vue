<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { PHASES } from '@emberfield/core/identity';
import ChoiceChips from '../kit/ChoiceChips.vue';
import CoalMark from '../kit/CoalMark.vue';
import StateNote from '../kit/StateNote.vue';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import { useStand } from '../stands/queries.ts';
import { sayFind } from '../kit/say-find.ts';
import { usePatch } from '../patches/queries.ts';
import { fieldLeft } from './field-left.ts';
import { draftFromFind, findOf } from './from-find.ts';
import { blankDraft, saying, type IdentifyDraft, type Said } from './identify-draft.ts';
import NextLook from './NextLook.vue';
import { pairOf, phaseOn, rivalOf } from './pair.ts';
import PairTable from './PairTable.vue';
import { useSigns } from './queries.ts';
import SeenTable from './SeenTable.vue';
import SettleForm from './SettleForm.vue';
import SignPicker from './SignPicker.vue';
import WhatIsLeft from './WhatIsLeft.vue';

/** What stands here: of a stand, or of anything that was come upon. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId, mayPick } = useGroup();
const { day, asked } = useDay();
const standId = computed(() => (typeof route.params['standId'] === 'string' ? route.params['standId'] : ''));
const stand = useStand(
  computed(() => (standId.value ? groupId.value : null)),
  standId,
  asked,
);
const s = computed(() => (standId.value ? stand.data.value : undefined));
const table = useSigns(
  computed(() => (standId.value && !s.value ? null : groupId.value)),
  computed(() => s.value?.patchId),
  asked,
);
const place = usePatch(
  computed(() => (s.value ? groupId.value : null)),
  computed(() => s.value?.patchId ?? ''),
);
/** What was noted of it when it was come upon. */
const find = computed(() => (s.value ? findOf(place.data.value?.finds ?? [], s.value.plantKey, day.value) : null));
const noted = computed(() =>
  find.value
    ? words.value.t('identify.foundThen', {
        day: words.value.format.day(find.value.day),
        by: find.value.by,
        what: sayFind(find.value, (key) => words.value.text(rowOf(key)?.names ?? { en: key }), words.value),
      })
    : '',
);
const draft = useDraft<IdentifyDraft>(() => `identify-${standId.value || 'free'}`, blankDraft());
const passed = ref<string[]>([]);
const chosen = ref<string | null>(null);
const field = computed(() => table.data.value && fieldLeft(table.data.value, draft.value, s.value?.plantKey));
const rowOf = (key: string | null | undefined) => table.data.value?.plants.find((p) => p.key === key);
const wanted = computed(() => rowOf(s.value?.plantKey) ?? field.value?.remaining.find((c) => c.row.gathered)?.row);
const rival = computed(() => {
  if (!wanted.value || !field.value) return undefined;
  const picked = field.value.remaining.find((c) => c.key === chosen.value && c.key !== wanted.value!.key);
  return (picked ?? rivalOf(wanted.value, field.value.remaining))?.row;
});
/** Side by side is of use for a stand at once, else once few enough are left. */
const FEW = 8;
const pair = computed(() =>
  wanted.value && rival.value && field.value && (s.value || field.value.remaining.length <= FEW)
    ? pairOf(wanted.value, rival.value, { phase: draft.value.phase, day: day.value })
    : null,
);
const deadly = computed(() => field.value?.open.filter((c) => c.severity === 'deadly') ?? []);
const named = computed(() =>
  words.value.format.list(field.value?.open.slice(0, 3).map((c) => words.value.text(c.row.names)) ?? []),
);
const cold = { state: 'cold', daysToOpen: null } as const;
// It begins with what was seen before and left open, else with what was noted when it was found; else in the phase that the forecast says.
// Whoever stands before it may say otherwise, and is not asked twice.
let begunFor = '';
function before(): IdentifyDraft | null {
  const last = s.value!.identities[0];
  if (last && last.status !== 'confirmed' && last.seen.length > 0) return { phase: last.phase, seen: last.seen };
  return find.value && draftFromFind(find.value, day.value);
}
watch(
  [wanted, s, find],
  () => {
    if (begunFor === standId.value || !s.value || !wanted.value || draft.value.seen.length > 0) return;
    const usual = phaseOn(wanted.value, day.value);
    if (draft.value.phase !== null && draft.value.phase !== usual) return;
    const begun = before();
    if (begun) begunFor = standId.value;
    draft.value = begun ?? blankDraft(usual);
  },
  { immediate: true },
);
const say = (said: Said): void => {
  draft.value = { ...draft.value, seen: saying(draft.value.seen, said) };
};
function startOver(): void {
  begunFor = standId.value;
  draft.value = blankDraft(draft.value.phase);
  passed.value = [];
  chosen.value = null;
}
async function kept(): Promise<void> {
  draft.value = blankDraft();
  await router.push({ name: 'stand', params: { standId: standId.value }, query: { tab: 'what' } });
}
</script>

<template>
  <StateNote
    v-if="table.isLoadingError.value || (standId && stand.isError.value)"
    state="failed"
    :text="(table.error.value ?? stand.error.value)?.message"
    @retry="
      table.refetch();
      standId && stand.refetch();
    " />
  <StateNote v-else-if="!field || (standId && !s)" state="loading" />
  <div v-else class="identify" :aria-busy="table.isPlaceholderData.value">
    <p class="bar" aria-hidden="true">
      {{ words.t('identify.remain', { n: field.remaining.length }) }}
      <b v-if="deadly.length" class="warn">{{ words.t('identify.deadly', { n: deadly.length }) }}</b>
    </p>
    <aside class="signs">
      <h1>{{ words.t('identify.title') }}</h1>
      <p class="soft">
        <RouterLink v-if="s" :to="{ name: 'stand', params: { standId: s.id } }">{{
          words.t('identify.at', { plant: words.text(s.plantName), place: s.patchName })
        }}</RouterLink><span v-else>{{ words.t('identify.anywhere') }}</span
        >. {{ words.t('identify.lead') }}
      </p>
      <ChoiceChips
        :model-value="draft.phase"
        optional
        :label="words.t('identify.phase')"
        :options="PHASES.map((p) => ({ value: p, label: words.t(`phase.${p}`) }))"
        @update:model-value="draft = { ...draft, phase: $event }" />
      <div class="picker"><SignPicker :signs="field.signs" :phase="draft.phase" @say="say" /></div>
    </aside>
    <div class="answer" aria-live="polite">
      <header>
        <CoalMark :readiness="cold" :thorns="field.open.length > 0" :size="52" :label="words.t('coal.thorns')" />
        <div>
          <h2>
            {{ words.t('identify.remain', { n: field.remaining.length }) }}
            <template v-if="deadly.length">{{ words.t('identify.deadly', { n: deadly.length }) }}</template>
            <template v-else-if="field.remaining.length">{{
              words.t('identify.kills', { n: field.open.length })
            }}</template>
          </h2>
          <p class="soft">
            {{ words.t('identify.counted', { out: field.ruledOut, all: field.ruledOut + field.remaining.length }) }}
          </p>
        </div>
        <Button v-if="draft.seen.length" class="over" @click="startOver">
          {{ words.t('identify.startOver') }}
        </Button>
      </header>
      <p v-if="noted" class="soft small">{{ noted }}</p>
      <p v-if="!field.remaining.length" class="warn">{{ words.t('identify.noneFits') }}</p>
      <p v-else-if="!field.open.length">{{ words.t('identify.nothingLeft') }}</p>
      <p v-else class="warn">{{ words.t('identify.taste', { names: named }) }}</p>
      <NextLook
        v-if="field.remaining.length > 1"
        :field="field"
        :passed="passed"
        :wanted="wanted"
        @say="say"
        @pass="passed.push($event)" />
      <PairTable v-if="pair" :pair="pair" :day="day" :wanted="s?.plantKey ?? null" />
      <WhatIsLeft
        v-if="field.remaining.length"
        class="left"
        :remaining="field.remaining"
        :rival="pair?.theirs.key ?? null"
        :wanted="wanted?.key ?? null"
        @compare="chosen = $event" />
      <SeenTable :speaks-against="field.speaksAgainst" @say="say" />
      <SettleForm v-if="s && mayPick && draft.seen.length" :stand="s" :field="field" :draft="draft" @kept="kept" />
      <p class="soft small">{{ words.t('common.caution') }}</p>
    </div>
  </div>
</template>

<style scoped>
.identify {
  display: grid;
  grid-template-columns: 392px minmax(0, 1fr);
  min-height: calc(100vh - 99px);
}
.signs {
  padding: 14px 20px 60px 24px;
  border-right: 1px solid var(--hair);
}
.picker {
  margin-top: 14px;
}
.answer {
  background: var(--sheet);
  padding: 16px 24px 60px;
}
@media (min-width: 901px) {
  /* The answer stays beside the signs, however far down they are pressed. */
  .answer {
    position: sticky;
    top: 0;
    align-self: start;
    min-height: 100vh;
    max-height: 100vh;
    overflow-y: auto;
  }
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
}
header h2 {
  font-size: 22px;
}
header p {
  margin: 2px 0 0;
}
.over {
  margin-left: auto;
}
.answer > p {
  margin: 10px 0 0;
}
.left {
  margin-top: 18px;
}
.bar {
  display: none;
}
@media (max-width: 900px) {
  /* What is left stays in sight while signs are pressed far below. */
  .bar {
    display: block;
    position: fixed;
    inset: auto 0 0;
    margin: 0;
    padding: 10px 16px 14px;
    background: var(--band);
    border-top: 1px solid var(--hair);
    z-index: 10;
  }
  .identify {
    display: flex;
    flex-direction: column-reverse;
  }
  .signs,
  .answer {
    padding-inline: 16px;
    border: 0;
  }
  .answer {
    padding-bottom: 16px;
  }
  header {
    flex-wrap: wrap;
  }
}
</style>
