<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { isPoison } from '@emberfield/core/identity';
import { blankVisit, type VisitDraft } from '../entries/visit-draft.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import CoalMark from '../kit/CoalMark.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import HazardList from '../kit/HazardList.vue';
import StateNote from '../kit/StateNote.vue';
import { toggled } from '../kit/toggled.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useWords } from '../session/words.ts';
import { partsByHeat } from '../stands/heats.ts';
import { useStandHere } from '../stands/use-own-season.ts';
import { blankTake, freshTicks, type TakeDraft } from './take-draft.ts';
import { phaseNow, signsNow } from './signs-now.ts';
import { useWayOn } from './use-way-on.ts';
import WaySteps from './WaySteps.vue';

/** Before a hand is stretched out: the signs of the plant, and each dangerous look-alike ticked off by its own sign. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const { today } = useDay();
const standId = computed(() => String(route.params['standId']));
const { query, stand } = useStandHere(standId, today);
const { back, on } = useWayOn('confirm');
const take = useDraft<TakeDraft>(() => `take-${standId.value}`, blankTake());
take.value = freshTicks(take.value, Date.now());
const visit = useDraft<VisitDraft>(() => `visit-${standId.value}`, blankVisit());
const main = computed(() => partsByHeat(stand.value?.outlooks ?? [])[0]);
const place = computed(() => [stand.value?.patchName, stand.value?.where].filter(Boolean).join(', '));
const MOST_SIGNS = 3;
const signs = computed(() =>
  stand.value ? signsNow(stand.value.profile, phaseNow(stand.value), main.value?.part, MOST_SIGNS) : [],
);
const dangerous = computed(() => stand.value?.profile.lookAlikes.filter((l) => isPoison(l.severity)) ?? []);
const held = computed(() => take.value.checkedAgainst);
const open = computed(() => dangerous.value.filter((l) => !held.value.includes(l.scientific)));
const asking = ref(false);
function hold(scientific: string): void {
  // A take stands on a part, and the ticks of another would be let go with it; one that nobody has begun begins with its first tick.
  const draft = take.value.amount === 0 && !held.value.length ? blankTake(main.value?.part ?? null) : take.value;
  take.value = { ...draft, checkedAgainst: toggled(draft.checkedAgainst, scientific) };
}
const nameOf = (l: (typeof dangerous.value)[number]): string => words.value.text(l.name);
const isFound = (l: (typeof dangerous.value)[number]): boolean => visit.value.looked[nameOf(l)] === 'found';
function found(l: (typeof dangerous.value)[number]): void {
  const { [nameOf(l)]: _, ...others } = visit.value.looked;
  visit.value.looked = isFound(l) ? others : { ...others, [nameOf(l)]: 'found' };
}
async function go(): Promise<void> {
  if (open.value.length > 0 && !asking.value) asking.value = true;
  else await router.replace(on.value);
}
</script>

<template>
  <StateNote
    v-if="query.isLoadingError.value"
    state="failed"
    :text="query.error.value?.message"
    @retry="query.refetch()" />
  <StateNote v-else-if="!stand" state="loading" />
  <FieldScreen v-else :place="place" :back="back" @submit="go">
    <WaySteps step="confirm" />
    <div class="name">
      <CoalMark
        v-if="main"
        :readiness="main.readiness"
        :thorns="main.thorns"
        :size="46"
        :label="words.coal(main.readiness, main.thorns)" />
      <h1>{{ words.text(stand.plantName) }}</h1>
    </div>
    <p v-if="stand.identity !== 'confirmed'" class="warn">{{ words.t('field.notConfirmed') }}</p>
    <HazardList :hazards="stand.patch.hazards" />
    <p v-if="stand.patch.neighbours">
      <b>{{ words.t('take.besides') }}</b>: {{ stand.patch.neighbours }}
    </p>
    <h2>{{ words.t('field.signs') }}</h2>
    <ul>
      <li v-for="(s, i) in signs" :key="i"><CatalogueText :text="s.text" /></li>
    </ul>
    <h2 v-if="dangerous.length">{{ words.t('field.notThat') }}</h2>
    <section v-for="l in dangerous" :key="l.scientific" class="look">
      <h3>
        {{ nameOf(l) }} <span class="warn">{{ words.t(`stand.severity.${l.severity}`) }}</span>
      </h3>
      <p><CatalogueText :text="l.separatedBy" /></p>
      <!-- What the sign describes is mostly the other plant: a tick says that it is not that, and says so in words. -->
      <Checkbox class="tick" :checked="held.includes(l.scientific)" @change="hold(l.scientific)">{{
        words.t('field.notIt', { name: nameOf(l) })
      }}</Checkbox>
      <Button :aria-pressed="isFound(l)" class="chip" @click="found(l)">{{ words.t('field.growsHere') }}</Button>
      <p v-if="isFound(l)" class="warn">{{ words.t('field.mixed') }}</p>
    </section>
    <p v-if="!dangerous.length" class="soft">{{ words.t('field.noneDangerous') }}</p>
    <template #foot>
      <p v-if="asking && open.length" class="warn ask" role="alert">
        {{ words.t('field.notTicked', { names: words.format.list(open.map(nameOf)) }) }}
      </p>
      <Button html-type="submit" type="primary">{{
        words.t(asking && open.length ? 'field.onWithout' : 'field.on')
      }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
.name {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 10px;
}
h1 {
  font-size: 26px;
}
h2 {
  margin: 14px 0 4px;
  font-size: 19px;
}
ul {
  margin: 0;
  padding-left: 20px;
}
.look {
  border-left: 4px solid var(--ember);
  background: var(--band);
  padding: 8px 14px;
  margin: 10px 0;
}
.look p {
  margin: 2px 0;
}
.tick {
  display: flex;
  font-weight: 640;
  min-height: 56px;
  align-items: center;
  font-size: 17px;
}
.look .ant-btn {
  min-height: 56px;
  height: auto;
  white-space: normal;
}
.ask {
  flex: 1 0 100%;
  margin: 0;
}
</style>
