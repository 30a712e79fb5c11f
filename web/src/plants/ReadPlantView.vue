<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { LARGEST_PLANT_FILE_BYTES, readPlantFile, type ReadPlantFile } from '@emberfield/contract';
import CatalogueText from '../kit/CatalogueText.vue';
import FileButton from '../kit/FileButton.vue';
import HarmfulName from '../kit/HarmfulName.vue';
import StateNote from '../kit/StateNote.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import PlantYear from './PlantYear.vue';
import { usePlant, usePlants } from './queries.ts';
import { incoming, modelOf } from './read-plant.ts';
import { useSavePlant } from './use-save-plant.ts';

/** A plant from a file: looked at first, with what it warns of and what it would become, and only then taken into the list. */
const words = useWords();
const { groupId, group, isKeeper } = useGroup();
const plants = usePlants(groupId);
const found = ref<ReadPlantFile | null>(null);
const problem = ref('');
const busy = ref(false);
const { save } = useSavePlant();
const file = computed(() => (found.value?.kind === 'read' ? found.value.file : null));
const modelKey = computed(() => file.value && modelOf(file.value, plants.data.value ?? []));
const onlyFor = (key: string | null) => (key === null ? null : groupId.value);
const model = usePlant(
  computed(() => onlyFor(modelKey.value)),
  computed(() => modelKey.value ?? ''),
);
const mineKey = computed(
  () => (plants.data.value ?? []).find((p) => p.own && p.key === file.value?.profile.key)?.key ?? null,
);
const mine = usePlant(
  computed(() => onlyFor(mineKey.value)),
  computed(() => mineKey.value ?? ''),
);
const next = computed(() => {
  const isWaiting = (modelKey.value !== null && !model.data.value) || (mineKey.value !== null && !mine.data.value);
  if (!file.value || !plants.data.value || isWaiting) return null;
  const known = modelKey.value === null ? null : (model.data.value?.profile ?? null);
  return incoming(file.value, plants.data.value, known, mine.data.value ?? null);
});
const failed = computed(() => [plants, model, mine].find((q) => q.isLoadingError.value));
const modelName = computed(() => (model.data.value ? words.value.text(model.data.value.profile.names) : ''));
const failure = computed(() => {
  if (found.value?.kind !== 'refused') return problem.value;
  const { reason } = found.value;
  return words.value.t(reason === 'notJson' ? 'reasons.notJson' : `ownPlant.${reason}`);
});
async function read(picked: File): Promise<void> {
  found.value = null;
  problem.value = '';
  if (picked.size > LARGEST_PLANT_FILE_BYTES)
    return void (problem.value = words.value.t('ownPlant.tooLarge', { mb: LARGEST_PLANT_FILE_BYTES / 1e6 }));
  found.value = readPlantFile(await picked.text());
}
async function store(): Promise<void> {
  const { profile, copiedFrom, baseRevision } = next.value!;
  busy.value = true;
  problem.value = '';
  try {
    await save({ profile, copiedFrom, baseRevision, note: '' });
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <StateNote
    v-if="group && !isKeeper"
    state="empty"
    :title="words.t('errors.notAllowed', { role: words.t(`role.${group.role}`), reasonText: '' })" />
  <article v-else class="page">
    <h1>{{ words.t('ownPlant.fileTitle') }}</h1>
    <p class="soft">{{ words.t('ownPlant.fileLead') }}</p>
    <FileButton accept=".json,application/json" @file="read">{{
      words.t(found ? 'ownPlant.other' : 'ownPlant.choose')
    }}</FileButton>
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
    <section v-if="found?.kind === 'faulty'" class="section" role="alert">
      <h2>{{ words.t('ownPlant.faults') }}</h2>
      <ul>
        <li v-for="(f, i) in found.faults.slice(0, 20)" :key="i">
          <code>{{ f.path || '–' }}</code> {{ words.t(`reasons.${f.reason}`) }}
        </li>
      </ul>
    </section>
    <StateNote v-if="failed" state="failed" :text="failed.error.value?.message" @retry="failed.refetch()" />
    <StateNote v-else-if="file && !next" state="loading" />
    <template v-else-if="next">
      <section class="section">
        <h2>{{ words.text(next.profile.names) }}</h2>
        <p class="soft">
          <i>{{ next.profile.scientific }}</i> · {{ words.family(next.profile.family) }} ·
          {{ words.t(`plants.habit.${next.profile.habit}`) }} ·
          {{ words.t(`ownPlant.roles.${next.profile.severity === 'nuisance' ? 'harmful' : next.profile.severity}`) }}
        </p>
        <p>
          {{ words.t(`ownPlant.becomes.${next.again ? 'again' : 'new'}`, { name: words.text(next.profile.names) }) }}
        </p>
        <p v-if="next.copiedFrom">{{ words.t('ownPlant.copyOf', { name: modelName }) }}</p>
        <p v-if="next.putBack" class="warn">
          {{ words.t('ownPlant.keptWarnings', { n: next.putBack, name: modelName }) }}
        </p>
        <p><CatalogueText :text="next.profile.about" /></p>
        <PlantYear :profile="next.profile" />
      </section>
      <section class="section">
        <h2>{{ words.t('ownPlant.twins') }}</h2>
        <p v-if="!next.profile.lookAlikes.length" class="warn">{{ words.t('ownPlant.twinsLead') }}</p>
        <p v-for="l in next.profile.lookAlikes" :key="l.scientific">
          <HarmfulName :name="l.name" :severity="l.severity" :plant-key="null" />
          <CatalogueText :text="l.separatedBy" />
        </p>
        <h2>{{ words.t('ownPlant.cautions') }}</h2>
        <p v-for="(c, i) in next.profile.cautions" :key="i"><CatalogueText :text="c.text" /></p>
      </section>
      <Button type="primary" :loading="busy" @click="store">{{ words.t('ownPlant.store') }}</Button>
    </template>
  </article>
</template>

<style scoped>
.section {
  margin-top: 16px;
}
</style>
