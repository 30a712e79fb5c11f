<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import CoalMark from '../kit/CoalMark.vue';
import GoButton from '../kit/GoButton.vue';
import NumberField from '../kit/NumberField.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import ReckoningNote from '../hearth/ReckoningNote.vue';
import { useHearth } from '../hearth/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { answerWants, choices, partsAtStands, type Answer, type Want } from './wants.ts';

/** How much of what is wanted, and at which stands it can be had on the day. */
const words = useWords();
const { groupId, mayPick } = useGroup();
const { day, asked, dayQuery } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
const blank = (): Want => ({ what: null, amount: null });
const wants = useDraft<Want[]>('wants', [blank()]);
const all = computed(() => (hearth.data.value ? partsAtStands(hearth.data.value) : []));
const wanted = computed(() => choices(all.value));
const options = computed(() =>
  wanted.value
    .map((w) => ({ value: w.what, label: `${words.value.text(w.plantName)} · ${words.value.text(w.partName)}` }))
    .sort((a, b) => a.label.localeCompare(b.label)),
);
const answers = computed(() => answerWants(wants.value, all.value));
const unitOf = (want: Want) => wanted.value.find((w) => w.what === want.what)?.unit ?? 'leaf';
const set = (i: number, over: Partial<Want>): void =>
  void (wants.value = wants.value.map((w, k) => (k === i ? { ...w, ...over } : w)));
const remove = (i: number): void =>
  void (wants.value = wants.value.length > 1 ? wants.value.filter((_, k) => k !== i) : [blank()]);
const placeOf = ({ stand }: Answer['shut'][number]): string =>
  [stand.patchName, stand.where].filter(Boolean).join(', ');
/** Why nothing of it is to be had there today. */
const whyOf = ({ outlook }: Answer['shut'][number]): string =>
  outlook.allowance.kind === 'none' && ['glowing', 'fading', 'banked'].includes(outlook.readiness.state)
    ? words.value.heldBy(outlook.allowance)
    : words.value.window(outlook, day.value);
</script>

<template>
  <StateNote
    v-if="hearth.isLoadingError.value"
    state="failed"
    :text="hearth.error.value?.message"
    @retry="hearth.refetch()" />
  <StateNote v-else-if="!hearth.data.value" state="loading" />
  <div v-else class="page wants">
    <h1>{{ words.t('wants.title') }}</h1>
    <p class="soft">
      {{ words.t('wants.lead') }}
      <RouterLink class="no-print" :to="{ name: 'season' }">{{ words.t('nav.season') }}</RouterLink>
    </p>
    <ReckoningNote
      v-if="hearth.data.value.waiting"
      :stands="hearth.data.value.standCount"
      :waiting="hearth.data.value.waiting" />
    <StateNote v-if="!options.length" state="empty" :title="words.t('wants.none')" :text="words.t('wants.noneText')" />
    <template v-else>
      <section v-for="(want, i) in wants" :key="i" :aria-label="`${words.t('wants.want')} ${i + 1}`">
        <div class="row">
          <PickOne
            class="what"
            :model-value="want.what"
            :options="options"
            :label="`${words.t('wants.what')} ${i + 1}`"
            :placeholder="words.t('wants.what')"
            @update:model-value="set(i, { what: $event })" />
          <NumberField
            class="much"
            :model-value="want.amount"
            :label="`${words.t('wants.amount')} ${i + 1}`"
            :placeholder="words.t('wants.amount')"
            @update:model-value="set(i, { amount: $event ?? null })" />
          <Button type="text" class="no-print" :aria-label="`${words.t('wants.remove')} ${i + 1}`" @click="remove(i)"
            >×</Button
          >
        </div>
        <template v-if="answers[i]">
          <ul>
            <li v-for="p in answers[i]!.portions" :key="p.standId">
              <CoalMark
                :readiness="p.outlook.readiness"
                :thorns="p.outlook.thorns"
                :size="30"
                :label="words.coal(p.outlook.readiness, p.outlook.thorns)" />
              <span>
                <b>{{ words.amount(p.amount, unitOf(want)) }}</b>
                <template v-if="p.plants !== null">
                  {{ words.t('wants.from', { plants: words.t('plantCount', { n: p.plants }) }) }}</template
                >
                <RouterLink :to="{ name: 'stand', params: { standId: p.standId }, query: dayQuery }">
                  {{ placeOf(p) }}</RouterLink
                >
              </span>
              <GoButton
                v-if="mayPick && !asked"
                class="no-print"
                :to="{ name: 'take', params: { standId: p.standId }, query: { part: p.outlook.part } }"
                >{{ words.t('hearth.logTake') }}</GoButton
              >
            </li>
          </ul>
          <p v-if="answers[i]!.missing > 0" class="warn">
            {{ words.t('wants.missing', { amount: words.amount(answers[i]!.missing, unitOf(want)) }) }}
          </p>
          <p v-for="a in answers[i]!.uncounted" :key="a.stand.id" class="soft">
            {{ words.t('wants.uncounted', { place: placeOf(a), share: words.allowance(a.outlook.allowance) }) }}
          </p>
          <template v-if="answers[i]!.missing > 0">
            <p v-for="a in answers[i]!.shut" :key="a.stand.id" class="soft">{{ placeOf(a) }}: {{ whyOf(a) }}</p>
          </template>
        </template>
      </section>
      <Button class="no-print" @click="wants = [...wants, blank()]">{{ words.t('wants.more') }}</Button>
    </template>
  </div>
</template>

<style scoped>
.wants {
  max-width: 760px;
}
section {
  border-top: 1px solid var(--hair);
  padding: 10px 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.what {
  flex: 1 1 240px;
}
.much {
  width: 110px;
}
.row > .ant-btn {
  min-width: 44px;
  font-size: 20px;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 5px 0;
}
li > span {
  flex: 1;
}
p {
  margin: 6px 0 0;
}
</style>
