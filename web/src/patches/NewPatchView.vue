<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES, type NewPatch, type NewStand } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { refusal, useOutbox } from '../offline/use-outbox.ts';
import { useChange, usePatches } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import NotListed from '../plants/NotListed.vue';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import FactFields from './FactFields.vue';
import { nearestStation } from './nearest-station.ts';
import {
  blankForm,
  heightLimit,
  newPatchFormSchema,
  patchFrom,
  pointFrom,
  positionText,
  standFrom,
} from './new-patch.ts';
import PlaceFields from './PlaceFields.vue';
import { useStations } from './queries.ts';
import { typedPosition } from './typed-position.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const undo = useUndo();
const { groupId, group, mayPick } = useGroup();
const plants = usePlants(groupId);
const patches = usePatches(groupId);
const values = useDraft('new-patch', blankForm());
const more = ref(false);
if (typeof route.query['plant'] === 'string') values.value.plantKey = route.query['plant'];
const there = typedPosition(typeof route.query['at'] === 'string' ? route.query['at'] : '');
if (there) {
  values.value.existingPatchId = null;
  values.value.geometry = pointFrom(there.latitudeDeg, there.longitudeDeg);
  Object.assign(values.value, positionText(values.value.geometry));
}
if (typeof route.query['patch'] === 'string') values.value.existingPatchId = route.query['patch'];
const plant = computed(() => plants.data.value?.find((p) => p.key === values.value.plantKey));
const plantOptions = computed(() =>
  (plants.data.value ?? []).map((p) => ({ value: p.key, label: `${words.value.text(p.names)} · ${p.scientific}` })),
);
const patchOptions = computed(() => (patches.data.value ?? []).map((p) => ({ value: p.id, label: p.name })));

const stations = useStations(groupId);
const station = computed(() => nearestStation(stations.data.value ?? [], values.value.geometry));
const outbox = useOutbox();
const imperial = computed(() => group.value?.units === 'imperial');
const form = useForm({
  schema: newPatchFormSchema,
  body: () => ({
    ...(values.value.existingPatchId === null
      ? { place: patchFrom(values.value, imperial.value, station.value?.heightM) }
      : {}),
    stand: standFrom(values.value),
  }),
  limit: (path, bound) => heightLimit(path, bound, imperial.value),
});
const save = useChange(
  async ({ place, stand }: { readonly place?: NewPatch | undefined; readonly stand: NewStand }) => {
    const placeName = place?.name ?? patches.data.value?.find((p) => p.id === stand.patchId)?.name ?? '';
    // The list of plants may still be on its way.
    const name = plant.value ? words.value.text(plant.value.names) : stand.plantKey;
    const sent = await outbox.send(
      [...(place ? [{ route: 'newPatch' as const, body: place }] : []), { route: 'newStand', body: stand }],
      {
        id: place?.id ?? stand.id,
        label: words.value.t(place ? 'outbox.place' : 'outbox.stand', { plant: name, place: placeName }),
      },
    );
    if (sent.kind === 'refused') throw refusal(sent);
    const patchId = place?.id ?? null;
    return { standId: stand.id, patchId, name, place: placeName, waiting: sent.kind === 'waiting' };
  },
);
/** The stand first: a place goes only while nothing is on it. One that was there before stays. */
const takeBack = useChange(
  async ({ standId, patchId }: { readonly standId: string; readonly patchId: string | null }) => {
    const params = { groupId: groupId.value! };
    await call(ROUTES.removeStand, { params: { ...params, standId } });
    if (patchId !== null) await call(ROUTES.removePatch, { params: { ...params, patchId } });
  },
);
async function keep(): Promise<void> {
  const done = await form.send(save.mutateAsync);
  if (done === undefined) return;
  values.value = blankForm();
  if (done.waiting) {
    undo.say(words.value.t('outbox.keptPlace'));
    return void (await router.push({ name: 'hearth' }));
  }
  await router.push({ name: 'stand', params: { standId: done.standId } });
  undo.say(words.value.t('patch.created', { plant: done.name, patch: done.place }), async () => {
    await takeBack.mutateAsync(done);
    await router.push({ name: 'hearth' });
  });
}
</script>

<template>
  <StateNote
    v-if="group && !mayPick"
    state="empty"
    :title="words.t('errors.notAllowed', { role: words.t('role.watcher') })" />
  <Form v-else layout="vertical" class="page" @submit="keep">
    <h1>{{ words.t('patch.title') }}</h1>
    <p class="soft">{{ words.t('patch.seasonNote') }}</p>
    <section class="section">
      <h2>{{ words.t('patch.plant') }}</h2>
      <FormField bare :form="form" at="stand.plantKey" class="choice" :label="words.t('patch.plant')">
        <PickOne
          v-model="values.plantKey"
          :options="plantOptions"
          :label="words.t('patch.plant')"
          :placeholder="words.t('patch.pickPlant')" />
      </FormField>
      <NotListed v-if="!plant" />
      <div v-if="plant" class="knows">
        <p class="soft">{{ words.t('patch.beginsUnconfirmed') }}</p>
        <p v-if="plant.deadlyLookAlikes" class="warn">{{ words.t('plants.deadly', { n: plant.deadlyLookAlikes }) }}</p>
      </div>
    </section>
    <section class="section">
      <h2>{{ words.t('patch.place') }}</h2>
      <PickOne
        v-if="patchOptions.length"
        v-model="values.existingPatchId"
        class="choice"
        optional
        :options="patchOptions"
        :label="words.t('patch.existing')"
        :placeholder="words.t('patch.newPlace')" />
      <PlaceFields
        v-if="!values.existingPatchId"
        v-model="values"
        :form="form"
        :patches="patches.data.value ?? []"
        :station="station" />
      <div class="stand">
        <FormField :form="form" at="stand.where" optional :label="words.t('patch.where')">
          <Input v-model:value="values.where" :maxlength="80" />
        </FormField>
        <FormField :form="form" at="stand.since" optional :label="words.t('stand.since')">
          <Input v-model:value="values.since" inputmode="numeric" />
        </FormField>
      </div>
    </section>
    <section v-if="!values.existingPatchId" class="section">
      <Button type="link" :aria-expanded="more" @click="more = !more">
        {{ words.t('patch.more') }}
      </Button>
      <FactFields v-if="more" v-model="values.facts" :form="form" root="place" />
    </section>
    <FormFailure :said="form.failure.value" />
    <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('patch.keep') }}</Button>
  </Form>
</template>

<style scoped>
.choice {
  width: 100%;
  max-width: 520px;
  margin-bottom: 10px;
}
.stand {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 0 14px;
  max-width: 520px;
  margin-top: 8px;
}
.knows {
  margin-top: 10px;
}
.knows p {
  margin: 0 0 6px;
}
.knows .warn {
  margin-top: 8px;
}
h2 {
  margin-bottom: 8px;
}
</style>
