<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { CONTAMINATING, ROUTES, type ChangePatch, type PatchFacts, type PatchGeometry } from '@emberfield/contract';
import EndBox from '../kit/EndBox.vue';
import StateNote from '../kit/StateNote.vue';
import TwoVersions from '../kit/TwoVersions.vue';
import PhotoStrip from '../photos/PhotoStrip.vue';
import { useChange, useSession } from '../session/queries.ts';
import { useEnd } from '../kit/use-end.ts';
import { useGroup } from '../session/use-group.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { plain } from '../platform/plain.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import ElevationInput from './ElevationInput.vue';
import FactFields from './FactFields.vue';
import { heightFromM, heightToM } from './new-patch.ts';
import PlaceStation from './PlaceStation.vue';
import PlaceRecord from './PlaceRecord.vue';
import { useBaseMap, usePatch, usePatches } from './queries.ts';
import { sayFact } from './say-fact.ts';
import SeenBy from './SeenBy.vue';
import { usePlaceForm } from './use-place-form.ts';

const PlaceMap = defineAsyncComponent(() => import('./PlaceMap.vue'));
const words = useWords();
const route = useRoute();
const undo = useUndo();
const { groupId, group, mayPick, isKeeper } = useGroup();
const patch = usePatch(
  groupId,
  computed(() => String(route.params['patchId'])),
);
const all = usePatches(groupId);
/** The other places: their boundaries are caught on when this one is drawn. */
const neighbours = computed(() => (all.data.value ?? []).filter((x) => x.id !== p.value?.id));
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const imperial = computed(() => group.value?.units === 'imperial');
const p = computed(() => patch.data.value);
const mayChange = computed(() => mayPick.value && p.value !== undefined && !p.value.blurred);
const session = useSession();
const accountId = computed(() => session.data.value?.account?.id ?? null);
const form = usePlaceForm(p, accountId);
const { facts, theirs } = form;
const geometry = computed<PatchGeometry | null>({
  get: () => facts.value?.geometry ?? null,
  set: (next) => next && facts.value && (facts.value = { ...facts.value, geometry: next }),
});
/** The height as typed; what it means stands in the facts. */
const height = ref('');
watch(
  () => facts.value?.heightM,
  (m) => {
    if (m !== undefined && heightToM(height.value, imperial.value) !== m) height.value = heightFromM(m, imperial.value);
  },
  { immediate: true },
);
watch(height, (text) => {
  const m = heightToM(text, imperial.value);
  if (facts.value && m !== facts.value.heightM) facts.value = { ...facts.value, heightM: m };
});
const picked = ref<Record<string, 'mine' | 'theirs'>>({});
const differences = computed(() =>
  (theirs.value?.open ?? []).map((key) => {
    const [mine, other] = [facts.value!, theirs.value!.facts].map((f) => sayFact(words.value, key, f));
    return { key, label: mine!.label, mine: mine!.value, theirs: other!.value };
  }),
);
function settle(): void {
  form.settle(picked.value);
  picked.value = {};
}
const router = useRouter();
const end = useEnd(
  { retire: ROUTES.retirePatch, remove: ROUTES.removePatch },
  () => ({ groupId: groupId.value!, patchId: p.value!.id }),
  () => void router.push({ name: 'ground' }),
);
/** Ground that was closed would be open again: that needs a keeper and a reason. */
const lifts = computed(() =>
  CONTAMINATING.some((h) => p.value?.hazards.includes(h) && !facts.value?.hazards.includes(h)),
);
const liftReason = ref('');
const outbox = useOutbox();
const change = useChange(async (to: ChangePatch) => {
  const { id: patchId, name } = p.value!;
  const sent = await outbox.send([{ route: 'changePatch', params: { patchId }, body: plain(to) }], {
    id: changeKey(patchId),
    label: words.value.t('outbox.changedPlace', { place: name }),
  });
  if (sent.kind === 'refused') throw new Error(sent.message);
  return sent.kind;
});
/** One waits at a time: a place that is changed again goes as it is then. */
const changeKey = (patchId: string): string => `place:${patchId}`;
const waits = computed(() => outbox.waiting.some((w) => w.id === changeKey(p.value?.id ?? '')));
async function letGo(): Promise<void> {
  await outbox.forget(changeKey(p.value!.id));
  form.clear();
}
function useTerrain(terrain: Pick<PatchFacts, 'heightM' | 'slopeDeg' | 'aspect'>): void {
  facts.value = { ...facts.value!, ...terrain };
}
async function keep(): Promise<void> {
  const before = form.base.value!;
  const version = form.version.value;
  const reason = lifts.value ? liftReason.value : '';
  const done = await change.mutateAsync({ version, facts: facts.value!, liftReason: reason }).catch(() => null);
  // Somebody may have been quicker: their version is fetched, and what both changed is shown side by side.
  if (done === null) return void (await patch.refetch());
  // What waits stays in the form as it was typed, and the outbox says that it waits.
  if (done === 'waiting') return undo.say(words.value.t('outbox.keptWord'), letGo);
  form.clear();
  undo.say(words.value.t('patch.changed'), async () => {
    // Closed ground that the change closed is opened again: that is a keeper's to say, with a reason.
    await change.mutateAsync({ version: version + 1, facts: before, liftReason: words.value.t('patch.undoneLift') });
  });
}
</script>

<template>
  <StateNote
    v-if="patch.isLoadingError.value"
    state="failed"
    :text="patch.error.value?.message"
    @retry="patch.refetch()" />
  <StateNote v-else-if="!p || !facts" state="loading" />
  <form v-else class="page" @submit.prevent="keep">
    <h1>{{ p.name }}</h1>
    <p class="soft">
      {{ p.areaM2 ? words.format.area(p.areaM2) : '' }} <span v-if="p.blurred">{{ words.t('patch.blurred') }}</span>
    </p>
    <ul class="stands">
      <li v-for="s in p.stands" :key="s.id">
        <RouterLink :to="{ name: 'stand', params: { standId: s.id } }">{{ words.text(s.plantName) }}</RouterLink>
        <span v-if="s.retired" class="soft small">{{ words.t('end.short') }}</span>
      </li>
      <li v-if="!p.stands.length" class="soft">{{ words.t('patch.nothingHere') }}</li>
      <li v-if="mayPick">
        <RouterLink :to="{ name: 'newPatch', query: { patch: p.id } }">{{ words.t('patch.addStand') }}</RouterLink>
      </li>
    </ul>
    <TwoVersions
      v-if="theirs"
      :differences="differences"
      :picked="picked"
      @pick="(key, which) => (picked[key] = which)"
      @settle="settle" />
    <fieldset :disabled="!mayChange">
      <div class="grid">
        <label class="field"
          ><span>{{ words.t('patch.name') }}</span
          ><Input v-model:value="facts.name" :maxlength="80" required /></label
        ><label class="field"
          ><span>{{ words.t('patch.height') }}, {{ imperial ? 'ft' : 'm' }}</span
          ><Input v-model:value="height" inputmode="decimal"
        /></label>
      </div>
      <PlaceMap v-model="geometry" :base-map="baseMap.data.value" :patches="neighbours" />
      <ElevationInput :geometry="geometry" @found="useTerrain" />
      <FactFields v-model="facts" class="facts" />
      <SeenBy
        v-if="facts.secret"
        :model-value="facts.seenBy ?? []"
        @update:model-value="facts = { ...facts, seenBy: [...$event] }" />
      <label v-if="lifts" class="field">
        <span class="warn">{{ words.t('lift.need') }}</span>
        <Input
          v-model:value="liftReason"
          :maxlength="300"
          :placeholder="words.t('lift.reason')"
          :aria-label="words.t('lift.reason')" />
      </label>
      <p v-if="waits" class="soft" role="status">{{ words.t('outbox.keptWord') }}</p>
      <p v-if="change.error.value" class="warn" role="alert">{{ change.error.value.message }}</p>
      <Button v-if="mayChange" html-type="submit" type="primary" :disabled="!geometry || change.isPending.value">
        {{ words.t('common.save') }}
      </Button>
      <Button v-if="mayChange && form.dirty.value" type="link" @click="letGo">
        {{ words.t('patch.letGo') }}
      </Button>
    </fieldset>
    <PlaceStation v-if="!p.blurred" :patch="p" />
    <PlaceRecord :patch="p" />
    <PhotoStrip :patch-id="p.id" :stand-id="null" />
    <EndBox
      :retired-on="p.retiredOn"
      :retired-why="p.retiredWhy"
      :may-retire="isKeeper"
      :may-remove="mayChange && !p.stands.length && !p.finds.length"
      :end="end" />
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 26px;
}
.grid {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
  max-width: 620px;
}
.facts {
  margin: 16px 0;
}
.stands {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}
</style>
