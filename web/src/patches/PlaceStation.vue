<script setup lang="ts">
import { computed } from 'vue';
import { ROUTES, type PatchDetail } from '@emberfield/contract';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useStations } from './queries.ts';
import { useWords } from '../session/words.ts';
import PickOne from '../kit/PickOne.vue';

/** Which station the place's dates are reckoned from: the nearest, or one that somebody knows to be like it. */
const props = defineProps<{ patch: PatchDetail }>();
const words = useWords();
const undo = useUndo();
const { groupId, isKeeper } = useGroup();
const stations = useStations(groupId);
const assign = useChange((stationId: string | null) =>
  call(ROUTES.assignStation, { params: { groupId: groupId.value!, patchId: props.patch.id }, body: { stationId } }),
);
const names = computed(() => {
  const { t, format } = words.value;
  const { stationsInUse } = props.patch;
  return format.list(
    stationsInUse.map(({ name, share, wayM, heightM }) => {
      const whole = t('patch.stationWay', { name, km: format.distance(wayM), height: format.height(heightM) });
      return stationsInUse.length === 1
        ? whole
        : t('patch.stationShare', { name: whole, share: format.percent(share) + ' %' });
    }),
  );
});
/** Weather so far away is another's. */
const FAR_M = 100_000;
const isFar = computed(() => props.patch.stationsInUse.some((s) => s.wayM > FAR_M));
const apart = (c: number): string =>
  words.value.t(c < 0 ? 'patch.colder' : 'patch.warmer', { by: words.value.format.temperatureSpan(Math.abs(c), 1) });
const chosen = computed({
  get: () => props.patch.stationId,
  set: (stationId) => {
    const before = props.patch.stationId;
    assign.mutateAsync(stationId).then(
      () => undo.say(words.value.t('common.stored'), async () => void (await assign.mutateAsync(before))),
      () => undefined,
    );
  },
});
</script>

<template>
  <section v-if="stations.data.value?.length" class="section">
    <h2>{{ words.t('patch.station') }}</h2>
    <p>{{ names ? words.t('patch.stationInUse', { names }) : words.t('patch.noStation') }}</p>
    <p v-if="isFar" class="warn" role="alert">{{ words.t('patch.stationFar') }}</p>
    <p v-if="patch.thermometer">
      {{
        words.t('patch.thermometer', {
          name: patch.thermometer.name,
          n: patch.thermometer.days,
          nights: apart(patch.thermometer.minC),
          days: apart(patch.thermometer.maxC),
        })
      }}
    </p>
    <label v-if="isKeeper" class="field"
      ><span>{{ words.t('patch.stationChoose') }}</span
      ><PickOne
        v-model="chosen"
        optional
        :disabled="assign.isPending.value"
        :placeholder="words.t('patch.stationNearest')"
        :options="
          (stations.data.value ?? []).map((s) => ({
            value: s.id,
            label: `${s.name}, ${words.format.height(s.heightM)}`,
          }))
        "
    /></label>
    <p v-if="isKeeper && !patch.thermometer && !patch.stationId" class="soft hang">
      <RouterLink :to="{ path: '/weather', query: { near: patch.id } }">{{ words.t('patch.hang') }}</RouterLink>
      {{ words.t('patch.hangText') }}
    </p>
    <p v-if="assign.error.value" class="warn" role="alert">{{ assign.error.value.message }}</p>
  </section>
</template>

<style scoped>
.field {
  max-width: 360px;
}
</style>
