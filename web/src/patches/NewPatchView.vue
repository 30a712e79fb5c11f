<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES } from '@emberfield/contract';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { useOutbox } from '../offline/use-outbox.ts';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { plain } from '../platform/plain.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import FactFields from './FactFields.vue';
import { nearestStation } from './nearest-station.ts';
import { blankForm, isComplete, patchFrom, standFrom } from './new-patch.ts';
import PlaceFields from './PlaceFields.vue';
import { usePatches, useStations } from './queries.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const undo = useUndo();
const { groupId, group, mayPick } = useGroup();
const plants = usePlants(groupId);
const patches = usePatches(groupId);
const form = useDraft('new-patch', blankForm());
const more = ref(false);
if (typeof route.query['plant'] === 'string') form.value.plantKey = route.query['plant'];
if (typeof route.query['patch'] === 'string') form.value.existingPatchId = route.query['patch'];
const plant = computed(() => plants.data.value?.find((p) => p.key === form.value.plantKey));
const plantOptions = computed(() =>
  (plants.data.value ?? []).map((p) => ({ value: p.key, label: `${words.value.text(p.names)} · ${p.scientific}` })),
);
const patchOptions = computed(() => (patches.data.value ?? []).map((p) => ({ value: p.id, label: p.name })));

const stations = useStations(groupId);
const station = computed(() => nearestStation(stations.data.value ?? [], form.value.geometry));
const outbox = useOutbox();
const save = useChange(async () => {
  const { existingPatchId, patchId } = form.value;
  const place = patches.data.value?.find((p) => p.id === existingPatchId)?.name ?? form.value.facts.name.trim();
  const stand = plain(standFrom(form.value, group.value!.today));
  const name = words.value.text(plant.value!.names);
  const sent = await outbox.send(
    [
      ...(existingPatchId
        ? []
        : [
            {
              route: 'newPatch' as const,
              body: plain(patchFrom(form.value, group.value!.units === 'imperial', station.value?.heightM)),
            },
          ]),
      { route: 'newStand', body: stand },
    ],
    {
      id: existingPatchId ? stand.id : patchId,
      label: words.value.t(existingPatchId ? 'outbox.stand' : 'outbox.place', { plant: name, place }),
    },
  );
  if (sent.kind === 'refused') throw new Error(sent.message);
  return {
    standId: stand.id,
    patchId: existingPatchId ? null : patchId,
    name,
    place,
    waiting: sent.kind === 'waiting',
  };
});
/** The stand first: a place goes only while nothing is on it. One that was there before stays. */
const takeBack = useChange(
  async ({ standId, patchId }: { readonly standId: string; readonly patchId: string | null }) => {
    const params = { groupId: groupId.value! };
    await call(ROUTES.removeStand, { params: { ...params, standId } });
    if (patchId !== null) await call(ROUTES.removePatch, { params: { ...params, patchId } });
  },
);
async function keep(): Promise<void> {
  const done = await save.mutateAsync(undefined).catch(() => null);
  if (!done) return;
  form.value = blankForm();
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
  <form v-else class="page" @submit.prevent="keep">
    <h1>{{ words.t('patch.title') }}</h1>
    <p class="soft">{{ words.t('patch.seasonNote') }}</p>
    <section class="section">
      <h2>{{ words.t('patch.plant') }}</h2>
      <PickOne
        class="choice"
        v-model="form.plantKey"
        :options="plantOptions"
        :label="words.t('patch.plant')"
        :placeholder="words.t('patch.pickPlant')" />
      <div v-if="plant" class="knows">
        <p class="soft">{{ words.t('patch.beginsUnconfirmed') }}</p>
        <p v-if="plant.deadlyLookAlikes" class="warn">{{ words.t('plants.deadly', { n: plant.deadlyLookAlikes }) }}</p>
      </div>
    </section>
    <section class="section">
      <h2>{{ words.t('patch.place') }}</h2>
      <PickOne
        class="choice"
        v-if="patchOptions.length"
        v-model="form.existingPatchId"
        :options="patchOptions"
        :label="words.t('patch.existing')"
        :placeholder="words.t('patch.newPlace')" />
      <PlaceFields v-if="!form.existingPatchId" v-model="form" :patches="patches.data.value ?? []" :station="station" />
      <div class="stand">
        <label class="field">
          <span>{{ words.t('patch.where') }} ({{ words.t('common.optional') }})</span>
          <Input v-model:value="form.where" :maxlength="80" />
        </label>
        <label class="field">
          <span>{{ words.t('stand.since') }} ({{ words.t('common.optional') }})</span>
          <Input v-model:value="form.since" inputmode="numeric" />
        </label>
      </div>
    </section>
    <section v-if="!form.existingPatchId" class="section">
      <Button type="link" :aria-expanded="more" @click="more = !more">
        {{ words.t('patch.more') }}
      </Button>
      <FactFields v-if="more" v-model="form.facts" />
    </section>
    <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
    <Button html-type="submit" type="primary" :disabled="!isComplete(form) || save.isPending.value">
      {{ words.t('patch.keep') }}
    </Button>
  </form>
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
