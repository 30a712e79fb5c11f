<script setup lang="ts">
import { Button, Progress, Spin } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { EXPORTS, SECRET_WAYS, type ExportKind, type SecretWay } from '@emberfield/contract';
import FileButton from '../kit/FileButton.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import ImportPreview from './ImportPreview.vue';
import PathList from './PathList.vue';
import { usePlaceImport } from './use-place-import.ts';

/** Places in and out by the files that people have. */
const FORMATS = ['geojson', 'gpx', 'kml', 'kmz', 'csv'] as const;
const words = useWords();
const { groupId, isKeeper } = useGroup();
const { preview, busy, sent, fileName, failure, stored, undone, read, match, store, takeBack, drop, stop } =
  usePlaceImport();
const what = ref<ExportKind | null>('places');
const format = ref<(typeof FORMATS)[number] | null>('geojson');
const secret = ref<SecretWay | null>('blur');
const address = computed(() => {
  const query = new URLSearchParams({
    secret: secret.value ?? 'blur',
    ...(what.value === 'places' ? { format: format.value ?? 'geojson' } : {}),
  });
  return `/api/groups/${groupId.value}/exports/${what.value}?${query}`;
});
const cameIn = computed(() => {
  const { t, format } = words.value;
  const said = (['places', 'stands', 'paths', 'entries'] as const).flatMap((what) => {
    const n = stored.value?.[what] ?? 0;
    return n === 0 ? [] : [t(`files.count.${what}`, { n })];
  });
  return said.length === 0 ? t('files.count.entries', { n: 0 }) : format.list(said);
});
const ways = computed(() => SECRET_WAYS.filter((s) => s !== 'exact' || isKeeper.value));
</script>

<template>
  <div class="page">
    <h1>{{ words.t('files.title') }}</h1>
    <p class="soft">{{ words.t('files.lead') }}</p>
    <div class="halves">
      <div v-if="isKeeper">
        <h2>{{ words.t('files.bringIn') }}</h2>
        <FileButton
          v-if="!preview && !busy"
          accept=".gpx,.geojson,.json,.kml,.kmz,.csv,.tsv,.txt"
          @file="(file) => void read(file)"
          >{{ words.t('files.choose') }}</FileButton
        >
        <p v-if="busy" role="status">
          <template v-if="sent !== null">{{ words.t('files.sending', { name: fileName }) }}</template>
          <template v-else>{{
            busy === 'storing' ? words.t('files.storing') : words.t('files.reading', { name: fileName })
          }}</template>
          <Progress v-if="sent !== null" :percent="Math.round(100 * sent)" size="small" :aria-label="fileName" /><Spin
            v-else
            size="small" />
          <Button @click="stop">{{ words.t('files.stop') }}</Button>
        </p>
        <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
        <p v-if="stored" role="status">
          {{ words.t('files.stored', { what: cameIn }) }}
          <RouterLink v-if="stored.places + stored.stands + stored.paths" :to="{ name: 'ground' }">{{
            words.t('ground.title')
          }}</RouterLink>
          <Button size="small" :disabled="busy !== null" @click="takeBack">{{ words.t('files.takeBack') }}</Button>
        </p>
        <p v-if="undone" role="status">
          {{ words.t('files.undone', { n: undone.removed }) }}
          {{ undone.kept ? words.t('files.undoneKept', { n: undone.kept }) : '' }}
        </p>
        <div v-if="stored?.refusedCount" class="warn" role="alert">
          <p>{{ words.t('files.refused', { n: stored.refusedCount }) }}</p>
          <ul>
            <li v-for="r in stored.refused" :key="r">{{ r }}</li>
          </ul>
        </div>
        <template v-if="preview">
          <ImportPreview :preview="preview" :busy="busy !== null" @match="match" />
          <div class="row">
            <Button type="primary" :disabled="preview.problem !== null || busy !== null" @click="store">
              {{ words.t('files.keep') }}
            </Button>
            <Button :disabled="busy !== null" @click="drop">
              {{ words.t('files.drop') }}
            </Button>
          </div>
        </template>
      </div>
      <div>
        <h2>{{ words.t('files.takeOut') }}</h2>
        <ChoiceChips
          v-model="what"
          :label="words.t('files.takeOut')"
          :options="EXPORTS.map((e) => ({ value: e, label: words.t(`files.what.${e}`) }))" />
        <ChoiceChips
          v-if="what === 'places'"
          v-model="format"
          :label="words.t('files.takeOut')"
          :options="FORMATS.map((f) => ({ value: f, label: words.t(`files.format.${f}`) }))" />
        <h3>{{ words.t('files.secret') }}</h3>
        <ChoiceChips
          v-model="secret"
          :label="words.t('files.secret')"
          :options="ways.map((s) => ({ value: s, label: words.t(`files.secretWay.${s}`) }))" />
        <p v-if="secret === 'exact'" class="warn">{{ words.t('files.exactWarn') }}</p>
        <p>
          <Button type="primary" :href="address" download>{{ words.t('files.save') }}</Button>
        </p>
      </div>
    </div>
    <PathList />
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 0 48px;
}
.halves > div > * + * {
  margin-top: 10px;
}
.halves h2 {
  margin-bottom: 10px;
}
.row {
  display: flex;
  gap: 10px;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: 1fr;
    gap: 28px;
  }
}
</style>
