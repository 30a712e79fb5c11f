<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { IDENTITY_STATUSES, LOSS_CAUSES, COUNT_METHODS, type Entry } from '@emberfield/contract';
import { completeCount, countByEye, estimateFromQuadrats, EYE_CLASSES } from '@emberfield/core/stand';
import ChoiceChips from '../kit/ChoiceChips.vue';
import NumberField from '../kit/NumberField.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../people/use-group.ts';
import { useDay } from '../platform/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../platform/words.ts';
import { useStand } from '../stands/queries.ts';
import { useEntries } from './use-entries.ts';
import { blankVisit, censusOf, draftsOf } from './visit-draft.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId } = useGroup();
const { today } = useDay();
const undo = useUndo();
const { make, send, withdraw } = useEntries();
const standId = computed(() => String(route.params['standId']));
const stand = useStand(groupId, standId, ref(undefined));
const visit = useLocalStorage(`emberfield-visit-${standId.value}`, blankVisit());
const busy = ref(false);
const failures = ref<readonly string[]>([]);
const SHARES = [0.1, 0.25, 0.5, 0.75, 1];
const LOSSES = [0.1, 0.3, 0.5, 0.9];
const shares = (values: readonly number[]) =>
  values.map((v) => ({ value: String(v), label: `${words.value.format.percent(v)} %` }));
const lookAlikes = computed(
  () =>
    stand.data.value?.profile.lookAlikes.map((l) => ({
      value: words.value.text(l.name),
      label: words.value.text(l.name),
      deadly: l.severity === 'deadly',
    })) ?? [],
);
const stageNow = computed(() => stand.data.value?.outlooks[0]?.stageSeen?.stage ?? '');
const drafts = computed(() =>
  draftsOf(visit.value, {
    patchId: stand.data.value?.patchId ?? '',
    standId: standId.value,
    day: visit.value.day || today.value,
    deadly: (n) => lookAlikes.value.find((l) => l.value === n)?.deadly ?? false,
    stageNow: stageNow.value,
  }),
);
const estimate = computed(() => {
  const c = censusOf(visit.value);
  if (!c) return null;
  if (c.method === 'quadrats')
    return c.counts.length * c.quadratAreaM2 > c.standAreaM2
      ? null
      : estimateFromQuadrats(c.counts, c.quadratAreaM2, c.standAreaM2);
  return { ...(c.method === 'eye' ? countByEye(c.eye) : completeCount(c.plants)), quadratsForTwentyPercent: null };
});
function stage(key: string, said: 'reached' | 'notYet'): void {
  const { [key]: before, ...others } = visit.value.stages;
  visit.value.stages = before === said ? others : { ...others, [key]: said };
}
async function keep(): Promise<void> {
  const s = stand.data.value!;
  busy.value = true;
  failures.value = [];
  try {
    const head = make({
      kind: 'visit',
      patchId: s.patchId,
      standId: null,
      day: visit.value.day || today.value,
      body: { note: '' },
    });
    const entries: Entry[] = [head, ...drafts.value.map((d) => make({ ...d, visitId: head.id }))];
    const results = await send(entries);
    failures.value = results.flatMap((r) =>
      r.status === 'needsAttention' ? [words.value.t('visit.needsAttention', { message: r.message })] : [],
    );
    if (failures.value.length) return;
    undo.say(words.value.t('visit.stored'), async () => {
      for (const entry of entries.slice(1)) await withdraw(entry, today.value);
    });
    visit.value = blankVisit();
    await router.replace({ name: 'stand', params: { standId: s.id } });
  } catch (error) {
    failures.value = [(error as Error).message];
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <StateNote v-if="stand.isError.value" state="failed" :text="stand.error.value?.message" @retry="stand.refetch()" />
  <StateNote v-else-if="!stand.data.value" state="loading" />
  <form v-else class="field-screen" @submit.prevent="keep">
    <div class="bar">
      {{ [stand.data.value.patchName, stand.data.value.where].filter(Boolean).join(', ')
      }}<RouterLink :to="{ name: 'stand', params: { standId } }">{{ words.t('common.cancel') }}</RouterLink>
    </div>
    <div class="body">
      <h1>{{ words.text(stand.data.value.plantName) }}</h1>
      <p class="soft">{{ words.t('visit.lead') }}</p>
      <section>
        <h2>{{ words.t('visit.stages') }}</h2>
        <div v-for="s in stand.data.value.profile.stages" :key="s.key" class="stage">
          <span>{{ words.text(s.name) }}</span>
          <button
            type="button"
            class="chip"
            :aria-pressed="visit.stages[s.key] === 'reached'"
            @click="stage(s.key, 'reached')">
            {{ words.t('visit.reached') }}
          </button>
          <button
            type="button"
            class="chip"
            :aria-pressed="visit.stages[s.key] === 'notYet'"
            @click="stage(s.key, 'notYet')">
            {{ words.t('visit.notYet') }}
          </button>
        </div>
        <template v-if="Object.values(visit.stages).includes('reached')"
          ><p class="soft">{{ words.t('visit.share') }}</p>
          <ChoiceChips
            :model-value="visit.share === null ? null : String(visit.share)"
            optional
            :label="words.t('visit.share')"
            :options="shares(SHARES)"
            @update:model-value="visit.share = $event === null ? null : Number($event)"
        /></template>
      </section>
      <section>
        <h2>{{ words.t('visit.count') }}</h2>
        <ChoiceChips
          v-model="visit.countMethod"
          optional
          :label="words.t('visit.count')"
          :options="
            COUNT_METHODS.map((m) => ({ value: m, label: words.t(m === 'eye' ? 'visit.byEye' : `visit.${m}`) }))
          " />
        <ChoiceChips
          v-if="visit.countMethod === 'eye'"
          v-model="visit.eye"
          optional
          :label="words.t('visit.byEye')"
          :options="EYE_CLASSES.map((e) => ({ value: e, label: words.t(`visit.eye.${e}`) }))" />
        <div v-else-if="visit.countMethod === 'complete'" class="numbers">
          <label>{{ words.t('visit.plants') }}<NumberField v-model="visit.plants" :min="0" whole size="large" /></label>
          <label>{{ words.t('visit.mature') }}<NumberField v-model="visit.mature" :min="0" whole size="large" /></label>
          <label
            >{{ words.t('visit.flowering') }}<NumberField v-model="visit.flowering" :min="0" whole size="large"
          /></label>
        </div>
        <div v-else-if="visit.countMethod === 'quadrats'" class="numbers">
          <label
            >{{ words.t('visit.quadratArea') }}<NumberField v-model="visit.quadratAreaM2" :min="0.01" size="large"
          /></label>
          <label
            >{{ words.t('visit.standArea') }}<NumberField v-model="visit.standAreaM2" :min="0.01" size="large"
          /></label>
          <fieldset>
            <legend>{{ words.t('visit.quadratCounts') }}</legend>
            <NumberField
              v-for="(_, i) in visit.squares"
              :key="i"
              v-model="visit.squares[i]"
              :min="0"
              whole
              size="large"
              :label="`${words.t('visit.quadratCounts')} ${i + 1}`" /><button
              type="button"
              class="chip"
              @click="visit.squares.push(null)">
              {{ words.t('visit.addSquare') }}
            </button>
          </fieldset>
        </div>
        <p v-if="estimate">
          <b>{{
            words.t('visit.estimate', {
              value: words.format.number(estimate.value),
              low: words.format.number(estimate.low),
              high: words.format.number(estimate.high),
            })
          }}</b>
          <span v-if="estimate.quadratsForTwentyPercent" class="soft">{{
            words.t('visit.squaresNeeded', { n: estimate.quadratsForTwentyPercent })
          }}</span>
        </p>
      </section>
      <section v-if="lookAlikes.length">
        <h2>{{ words.t('visit.search') }}</h2>
        <ChoiceChips v-model="visit.lookedFor" optional :label="words.t('visit.searchFor')" :options="lookAlikes" />
        <ChoiceChips
          v-if="visit.lookedFor"
          :model-value="visit.found === null ? null : visit.found ? 'y' : 'n'"
          optional
          :label="visit.lookedFor"
          :options="[
            { value: 'n', label: words.t('visit.notFound') },
            { value: 'y', label: words.t('visit.found') },
          ]"
          @update:model-value="visit.found = $event === null ? null : $event === 'y'" />
      </section>
      <section>
        <h2>{{ words.t('visit.identity') }}</h2>
        <p class="soft">{{ words.t('visit.identityLead') }}</p>
        <ChoiceChips
          v-model="visit.identity"
          optional
          :label="words.t('visit.identity')"
          :options="IDENTITY_STATUSES.map((s) => ({ value: s, label: words.t(`stand.${s}`) }))" />
        <div v-if="visit.identity" class="signs">
          <p class="soft">{{ words.t('visit.signsSeen') }}</p>
          <label v-for="(s, i) in stand.data.value.profile.signs" :key="i"
            ><input v-model="visit.signs" type="checkbox" :value="words.text(s.text).slice(0, 300)" />
            {{ words.text(s.text) }}</label
          >
        </div>
      </section>
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
          :options="shares(LOSSES)"
          @update:model-value="visit.lossShare = Number($event)" />
      </section>
      <section>
        <label class="field"
          ><span>{{ words.t('visit.note') }}</span
          ><textarea v-model="visit.note" rows="2" maxlength="4000" />
        </label>
        <label class="field"
          ><span>{{ words.t('visit.shownBy') }}</span
          ><input v-model="visit.shownBy" maxlength="120"
        /></label>
        <label v-if="visit.shownBy" class="field"
          ><span>{{ words.t('visit.calledThere') }}</span
          ><input v-model="visit.calledThere" maxlength="120"
        /></label>
        <label class="field"
          ><span>{{ words.t('visit.when') }}</span
          ><input
            type="date"
            :value="visit.day || today"
            :max="today"
            @input="visit.day = ($event.target as HTMLInputElement).value"
        /></label>
      </section>
      <p v-for="f in failures" :key="f" class="warn" role="alert">{{ f }}</p>
    </div>
    <div class="foot">
      <span v-if="!drafts.length" class="soft">{{ words.t('visit.nothing') }}</span
      ><button type="submit" class="btn main" :disabled="!drafts.length || busy">{{ words.t('visit.store') }}</button>
    </div>
  </form>
</template>

<style scoped>
.field-screen {
  max-width: 620px;
  margin: 0 auto;
  font-size: 17px;
  padding-bottom: 110px;
}
.bar {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  background: #2b2622;
  color: #f7f3ec;
  padding: 12px 18px;
  font-size: 15px;
}
.bar a {
  color: #f0a03c;
  flex: none;
}
.body {
  padding: 14px 18px;
}
section {
  border-top: 1px solid var(--hair);
  padding: 12px 0;
  display: grid;
  gap: 10px;
}
section p {
  margin: 0;
}
h2 {
  font-size: 18px;
}
.stage {
  display: flex;
  gap: 8px;
  align-items: center;
}
.stage span {
  flex: 1;
}
.chip {
  min-height: 48px;
}
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
fieldset {
  grid-column: 1 / -1;
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
legend {
  font-size: 15px;
}
.signs {
  display: grid;
  gap: 8px;
  font-size: 16px;
}
.signs label {
  display: flex;
  gap: 10px;
}
input[type='checkbox'] {
  width: 22px;
  height: 22px;
  flex: none;
  accent-color: var(--ember);
}
textarea,
input:not([type='checkbox']) {
  width: 100%;
  font: inherit;
  background: var(--sheet);
  color: var(--char);
  border: 1px solid var(--edge);
  border-radius: 4px;
  padding: 9px 12px;
  min-height: 48px;
  color-scheme: light dark;
}
.foot {
  position: fixed;
  inset: auto 0 0;
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: flex-end;
  padding: 14px max(18px, calc(50vw - 292px)) 20px;
  background: var(--band);
  border-top: 1px solid var(--hair);
  z-index: 10;
}
.foot .btn {
  min-height: 60px;
  min-width: 200px;
  font-size: 19px;
}
</style>
