<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import {
  CONTAMINATING,
  type ChangePatch,
  type PatchDetail,
  type PatchFacts,
  type PatchGeometry,
  changePatchSchema,
} from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import TwoVersions from '../kit/TwoVersions.vue';
import { useChange, useSession, usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { refusal, useOutbox } from '../offline/use-outbox.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import ElevationInput from './ElevationInput.vue';
import FactFields from './FactFields.vue';
import { heightFromM, heightLimit, heightToM } from './new-patch.ts';
import { useBaseMap } from './queries.ts';
import { sayFact } from './say-fact.ts';
import SeenBy from './SeenBy.vue';
import { usePlaceForm } from './use-place-form.ts';

/** What is known of a place, and its boundary: changed here, by whoever may. */
const props = defineProps<{ patch: PatchDetail; mayChange: boolean }>();
const emit = defineEmits<{ stale: [] }>();
const PlaceMap = defineAsyncComponent(() => import('./PlaceMap.vue'));
const words = useWords();
const undo = useUndo();
const { groupId, group } = useGroup();
const all = usePatches(groupId);
/** The other places: their boundaries are caught on when this one is drawn. */
const neighbours = computed(() => (all.data.value ?? []).filter((x) => x.id !== props.patch.id));
const baseMap = useBaseMap(computed(() => group.value?.hasBaseMap ?? false));
const imperial = computed(() => group.value?.units === 'imperial');
const session = useSession();
const accountId = computed(() => session.data.value?.account?.id ?? null);
const place = usePlaceForm(
  computed(() => props.patch),
  accountId,
);
const { facts, theirs } = place;
const geometry = computed<PatchGeometry | null>({
  get: () => facts.value?.geometry ?? null,
  set: (next) => next && facts.value && (facts.value = { ...facts.value, geometry: next }),
});
/** The height as typed; what it means stands in the facts: NaN where it means nothing. */
const height = ref('');
watch(
  () => facts.value?.heightM,
  (m) => {
    if (m !== undefined && !Object.is(heightToM(height.value, imperial.value, NaN), m))
      height.value = heightFromM(m, imperial.value);
  },
  { immediate: true },
);
watch(height, (text) => {
  const m = heightToM(text, imperial.value, NaN);
  if (facts.value && !Object.is(m, facts.value.heightM)) facts.value = { ...facts.value, heightM: m };
});
const picked = ref<Record<string, 'mine' | 'theirs'>>({});
const differences = computed(() =>
  (theirs.value?.open ?? []).map((key) => {
    const [mine, other] = [facts.value!, theirs.value!.facts].map((f) => sayFact(words.value, key, f));
    return { key, label: mine!.label, mine: mine!.value, theirs: other!.value };
  }),
);
function settle(): void {
  place.settle(picked.value);
  picked.value = {};
}
/** Ground that was closed would be open again: that needs a keeper and a reason. */
const lifts = computed(() =>
  CONTAMINATING.some((h) => props.patch.hazards.includes(h) && !facts.value?.hazards.includes(h)),
);
const liftReason = ref('');
const form = useForm({
  schema: changePatchSchema,
  body: () => ({
    version: place.version.value,
    facts: facts.value ?? undefined,
    liftReason: lifts.value ? liftReason.value : '',
  }),
  limit: (path, bound) => heightLimit(path, bound, imperial.value),
});
const outbox = useOutbox();
const change = useChange(async (to: ChangePatch) => {
  const { id: patchId, name } = props.patch;
  const sent = await outbox.send([{ route: 'changePatch', params: { patchId }, body: to }], {
    id: changeKey(),
    label: words.value.t('outbox.changedPlace', { place: name }),
  });
  if (sent.kind === 'refused') throw refusal(sent);
  return sent.kind;
});
/** One waits at a time: a place that is changed again goes as it is then. */
const changeKey = (): string => `place:${props.patch.id}`;
const waits = computed(() => outbox.waiting.some((w) => w.id === changeKey()));
async function letGo(): Promise<void> {
  await outbox.forget(changeKey());
  place.clear();
}
function useTerrain(terrain: Pick<PatchFacts, 'heightM' | 'slopeDeg' | 'aspect'>): void {
  facts.value = { ...facts.value!, ...terrain };
}
async function keep(): Promise<void> {
  // What both changed is settled first: saved as it stands it would undo theirs without a word.
  if (theirs.value && theirs.value.open.length > 0) return;
  const before = place.base.value!;
  const version = place.version.value;
  const done = await form.send((body) =>
    change.mutateAsync(body).catch((error: unknown) => {
      // Somebody may have been quicker: their version is fetched, and what both changed is shown side by side.
      emit('stale');
      throw error;
    }),
  );
  if (done === undefined) return;
  // What waits stays in the form as it was typed, and the outbox says that it waits.
  if (done === 'waiting') return undo.say(words.value.t('outbox.keptWord'), letGo);
  place.clear();
  undo.say(words.value.t('patch.changed'), async () => {
    // Closed ground that the change closed is opened again: that is a keeper's to say, with a reason.
    await change.mutateAsync({ version: version + 1, facts: before, liftReason: words.value.t('patch.undoneLift') });
  });
}
</script>

<template>
  <Form v-if="facts" layout="vertical" class="section" @submit="keep">
    <TwoVersions
      v-if="theirs"
      :differences="differences"
      :picked="picked"
      @pick="(key, which) => (picked[key] = which)"
      @settle="settle" />
    <fieldset :disabled="!mayChange">
      <div class="grid">
        <FormField :form="form" at="facts.name" :label="words.t('patch.name')">
          <Input v-model:value="facts.name" :maxlength="80" />
        </FormField>
        <FormField :form="form" at="facts.heightM" :label="words.t('patch.height')" :unit="imperial ? 'ft' : 'm'">
          <Input v-model:value="height" inputmode="decimal" />
        </FormField>
      </div>
      <PlaceMap v-model="geometry" :base-map="baseMap.data.value" :patches="neighbours" />
      <ElevationInput :geometry="geometry" @found="useTerrain" />
      <FactFields v-model="facts" :form="form" root="facts" />
      <SeenBy
        v-if="facts.secret"
        :model-value="facts.seenBy ?? []"
        @update:model-value="facts = { ...facts, seenBy: [...$event] }" />
      <FormField v-if="lifts" :form="form" at="liftReason" :label="words.t('lift.reason')">
        <p class="warn">{{ words.t('lift.need') }}</p>
        <Input v-model:value="liftReason" :maxlength="300" />
      </FormField>
      <p v-if="waits" class="soft" role="status">{{ words.t('outbox.keptWord') }}</p>
      <FormFailure :said="form.failure.value" />
      <Button v-if="mayChange" html-type="submit" type="primary" :loading="form.busy.value">
        {{ words.t('common.save') }}
      </Button>
      <Button v-if="mayChange && place.dirty.value" type="link" @click="letGo">
        {{ words.t('patch.letGo') }}
      </Button>
    </fieldset>
  </Form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
.grid {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
}
</style>
