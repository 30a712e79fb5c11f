<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRoute } from 'vue-router';
import { ROUTES, type StationView } from '@emberfield/contract';
import FileButton from '../kit/FileButton.vue';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import HandDayForm from './HandDayForm.vue';
import ImportPanel from './ImportPanel.vue';
import { useStations } from '../patches/queries.ts';
import { useImports, useStationDays } from './queries.ts';
import StationEnd from './StationEnd.vue';
import StationForm from './StationForm.vue';
import TidePlaces from './TidePlaces.vue';
import StationHealth from './StationHealth.vue';

const WeatherChart = defineAsyncComponent(() => import('./WeatherChart.vue'));
const LARGEST_FILE_BYTES = 8 * 1024 * 1024;
const words = useWords();
const route = useRoute();
const { groupId, isKeeper, mayPick } = useGroup();
const stations = useStations(groupId);
const imports = useImports(groupId, isKeeper);
const chosen = ref<string | null>(null);
/** Asked for from a place: a thermometer that hangs there. */
const near = computed(() => (typeof route.query['near'] === 'string' ? route.query['near'] : null));
const adding = ref(near.value !== null);
/** The longest record is what dates hang on, and what one comes to see. */
const longest = computed(() =>
  stations.data.value?.reduce<StationView | undefined>((a, b) => (a && a.dayCount >= b.dayCount ? a : b), undefined),
);
const station = computed(() => stations.data.value?.find((s) => s.id === chosen.value) ?? longest.value);
const days = useStationDays(
  groupId,
  computed(() => station.value?.id ?? null),
  computed(() => station.value?.lastDay ?? null),
);
const problem = ref('');
const upload = useChange((file: File) =>
  call(ROUTES.newImport, {
    params: { groupId: groupId.value!, stationId: station.value!.id, importId: newId() },
    query: { fileName: file.name.slice(0, 120) },
    body: file,
  }),
);
async function take(file: File): Promise<void> {
  problem.value = '';
  if (!station.value) return;
  if (file.size > LARGEST_FILE_BYTES) {
    problem.value = words.value.t('weather.fileTooLarge');
    return;
  }
  await upload.mutateAsync(file).catch(() => undefined);
}
const saidOf = (s: StationView): string => {
  const { t, format } = words.value;
  if (s.firstDay === null || s.lastDay === null) return t('weather.noDays');
  return [
    t('weather.upTo', { n: s.dayCount, from: format.dayAndYear(s.firstDay), to: format.dayAndYear(s.lastDay) }),
    s.missingDays ? t('weather.missing', { n: s.missingDays }) : '',
    s.outlookDays ? t('weather.outlook', { n: s.outlookDays }) : '',
    s.retiredOn === null && !s.reckonedFrom ? t('weather.tooShort') : '',
    s.source === 'simulated' ? t('weather.simulated') : s.source === 'service' ? t('weather.service') : '',
  ]
    .filter(Boolean)
    .join(' · ');
};
</script>

<template>
  <div class="page">
    <header>
      <h1>{{ words.t('weather.title') }}</h1>
      <PickOne
        v-if="station && stations.data.value!.length > 1"
        class="which no-print"
        :model-value="station.id"
        :label="words.t('patch.stationChoose')"
        :options="stations.data.value!.map((s) => ({ value: s.id, label: s.name }))"
        @update:model-value="chosen = $event" />
    </header>
    <StateNote
      v-if="stations.isLoadingError.value"
      state="failed"
      :text="stations.error.value?.message"
      @retry="stations.refetch()" />
    <StateNote v-else-if="!stations.data.value" state="loading" />
    <template v-else>
      <div v-if="!stations.data.value.length" class="none">
        <h2>{{ words.t('weather.none') }}</h2>
        <p class="soft">{{ words.t(isKeeper ? 'weather.noneText' : 'weather.keeperOnly') }}</p>
      </div>
      <section v-if="station && days.data.value?.days.length">
        <h2>
          {{ station.name }} <span class="soft">{{ words.format.height(station.heightM) }}</span>
        </h2>
        <p class="soft small">{{ saidOf(station) }}</p>
        <WeatherChart :days="days.data.value.days" />
      </section>
      <StationHealth v-if="station" :station="station" />
      <h2 class="bring">{{ words.t('weather.stations') }}</h2>
      <p class="soft">{{ words.t('weather.lead') }}</p>
      <ul v-if="stations.data.value.length" class="stations">
        <li v-for="s in stations.data.value" :key="s.id">
          <button type="button" :aria-pressed="s.id === station?.id" @click="chosen = s.id">
            <b class="serif">{{ s.name }}</b>
            <span v-if="s.retiredOn" class="soft">{{ words.t('end.short') }}</span>
            <span class="soft">{{ words.format.height(s.heightM) }}</span><small>{{ saidOf(s) }}</small>
          </button>
        </li>
      </ul>
      <Button v-if="isKeeper && stations.data.value.length && !adding" type="link" @click="adding = true">
        {{ words.t('weather.newStation') }}
      </Button>
      <StationForm
        v-if="isKeeper && (adding || !stations.data.value.length)"
        :near="near"
        @made="
          (id) => {
            chosen = id;
            adding = false;
          }
        " />
      <HandDayForm v-if="mayPick && station && station.source !== 'service'" :station="station" />
      <template v-if="isKeeper && station && station.source !== 'service'">
        <h2 class="bring">{{ words.t('weather.bring') }}: {{ station.name }}</h2>
        <FileButton area accept=".csv,.txt,.tsv,.dat,text/csv,text/plain" @file="take">{{
          words.t('weather.drop')
        }}</FileButton>
        <p v-if="upload.isPending.value" class="soft" role="status">{{ words.t('common.loading') }}</p>
        <p v-if="problem || upload.error.value" class="warn" role="alert">
          {{ problem || upload.error.value?.message }}
        </p>
        <ImportPanel
          v-for="i in imports.data.value ?? []"
          :key="i.id"
          :preview="i"
          :station-name="stations.data.value.find((s) => s.id === i.stationId)?.name ?? ''" />
      </template>
      <StationEnd v-if="isKeeper && station" :key="station.id" :station="station" />
      <TidePlaces />
    </template>
  </div>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  margin-bottom: 8px;
}
.which {
  width: 220px;
  max-width: 55%;
  margin-left: auto;
}
.stations {
  list-style: none;
  padding: 0;
  margin: 12px 0;
}
.stations button {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-top: 1px solid var(--hair);
  padding: 10px 12px;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.stations button[aria-pressed='true'] {
  background: var(--sheet);
  box-shadow: inset 3px 0 0 var(--ember);
}
.stations b {
  font-size: 18px;
}
small {
  display: block;
  color: var(--soft);
  font-size: 14px;
}
.bring {
  margin: 16px 0 8px;
}
.none {
  margin: 20px 0;
}
</style>
