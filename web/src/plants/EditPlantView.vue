<script setup lang="ts">
import { Button, Input, Textarea } from 'ant-design-vue';
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES } from '@emberfield/contract';
import { firstOfYear, isoDay } from '@emberfield/core/measure';
import NumberField from '../kit/NumberField.vue';
import StateNote from '../kit/StateNote.vue';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { i18n, useWords } from '../session/words.ts';
import { formOf, keyFrom, profileFrom, type OwnPlantForm } from './own-plant.ts';
import { usePlant } from './queries.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const undo = useUndo();
const { groupId } = useGroup();
const plantKey = computed(() => String(route.params['plantKey']));
const plant = usePlant(groupId, plantKey);
const isCopy = computed(() => plant.data.value?.copiedFrom === null);
const form = useDraft<OwnPlantForm | null>(() => `plant-${plantKey.value}`, null);
const language = i18n.global.locale.value;
watch(
  () => plant.data.value,
  (p) => {
    if (!p || form.value) return;
    const fresh = formOf(p.profile, language);
    if (isCopy.value) {
      const name = `${fresh.name} (${words.value.t('plants.own').toLowerCase()})`;
      Object.assign(fresh, { name, key: keyFrom(name) });
    }
    form.value = fresh;
  },
  { immediate: true },
);
/** A day of the year as people say it, in a year without a leap day. */
const usualDay = (dayOfYear: number): string =>
  words.value.format.day(isoDay(firstOfYear(2025) + Math.round(dayOfYear) - 1));
const save = useChange(async () => {
  const { profile, copiedFrom, revision } = plant.data.value!;
  const f = form.value!;
  return call(ROUTES.savePlant, {
    params: { groupId: groupId.value!, plantKey: f.key },
    body: {
      copiedFrom: copiedFrom ?? profile.key,
      baseRevision: isCopy.value ? 0 : revision,
      profile: profileFrom(profile, f, language),
      note: f.note,
    },
  });
});
async function keep(): Promise<void> {
  const saved = await save.mutateAsync(undefined).catch(() => null);
  if (!saved) return;
  form.value = null;
  undo.say(words.value.t('plants.keptOwn'));
  await router.push({ name: 'plant', params: { plantKey: saved.profile.key } });
}
function rename(name: string): void {
  if (!form.value) return;
  if (isCopy.value && form.value.key === keyFrom(form.value.name)) form.value.key = keyFrom(name);
  form.value.name = name;
}
function leave(): void {
  form.value = null;
  void router.push({ name: 'plant', params: { plantKey: plantKey.value } });
}
</script>

<template>
  <StateNote
    v-if="plant.isLoadingError.value"
    state="failed"
    :text="plant.error.value?.message"
    @retry="plant.refetch()" />
  <StateNote v-else-if="!plant.data.value || !form" state="loading" />
  <form v-else class="page" @submit.prevent="keep">
    <h1>{{ words.t('plants.own') }}</h1>
    <p class="soft">{{ words.t('plants.editLead') }}</p>
    <div class="pair">
      <label class="field"
        ><span>{{ words.t('plants.ownName') }}</span
        ><Input :value="form.name" :maxlength="80" required @update:value="rename($event)"
      /></label>
      <label v-if="isCopy" class="field"
        ><span>{{ words.t('plants.ownKey') }} ({{ words.t('plants.keyNote') }})</span
        ><Input v-model:value="form.key" :maxlength="60" required pattern="[a-z][a-zA-Z0-9\-]*"
      /></label>
    </div>
    <label class="field"
      ><span>{{ words.t('plants.about') }}</span
      ><Textarea v-model:value="form.about" :rows="2" :maxlength="600" />
    </label>
    <section class="section">
      <h2>{{ words.t('plants.stages') }}</h2>
      <table class="plain">
        <thead>
          <tr>
            <th />
            <th colspan="3">{{ words.t('plants.daysOfYear') }}</th>
            <th colspan="3">{{ words.t('plants.warmthSum') }}</th>
          </tr>
          <tr>
            <th />
            <th>{{ words.t('plants.dayEarly') }}</th>
            <th>{{ words.t('plants.usualDay') }}</th>
            <th>{{ words.t('plants.dayLate') }}</th>
            <th>{{ words.t('plants.sumLow') }}</th>
            <th>{{ words.t('plants.sum') }}</th>
            <th>{{ words.t('plants.sumHigh') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in form.stages" :key="s.key">
            <td>
              {{ words.text(plant.data.value.profile.stages[i]!.name) }}
              <span v-if="s.usual !== null" class="soft">{{ usualDay(s.usual) }}</span>
            </td>
            <td><NumberField v-model="s.early" :label="words.t('plants.dayEarly')" size="small" /></td>
            <td><NumberField v-model="s.usual" :label="words.t('plants.usualDay')" size="small" /></td>
            <td><NumberField v-model="s.late" :label="words.t('plants.dayLate')" size="small" /></td>
            <template v-if="s.sum"
              ><td><NumberField v-model="s.sum.low" :label="words.t('plants.sumLow')" size="small" /></td>
              <td><NumberField v-model="s.sum.value" :label="words.t('plants.sum')" size="small" /></td>
              <td><NumberField v-model="s.sum.high" :label="words.t('plants.sumHigh')" size="small" /></td
            ></template>
            <td v-else colspan="3" class="soft">–</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section class="section">
      <h2>{{ words.t('plants.capPerPlant') }}</h2>
      <label v-for="p in plant.data.value.profile.parts" :key="p.key" class="cap"
        >{{ words.text(p.name) }} <NumberField v-model="form.caps[p.key]" :min="0" size="small"
      /></label>
    </section>
    <label class="field"
      ><span>{{ words.t('plants.extraCaution') }}</span
      ><Input v-model:value="form.caution" :maxlength="500"
    /></label>
    <label class="field"
      ><span>{{ words.t('plants.note') }}</span
      ><Input v-model:value="form.note" :maxlength="400"
    /></label>
    <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
    <div class="acts">
      <Button html-type="submit" type="primary" :disabled="save.isPending.value">
        {{ words.t('plants.keepOwn') }}</Button><Button @click="leave">
        {{ words.t('common.cancel') }}
      </Button>
    </div>
  </form>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
.cap {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  margin: 4px 22px 4px 0;
}
.acts {
  display: flex;
  gap: 10px;
}
.section {
  overflow-x: auto;
}
@media (max-width: 900px) {
  .pair {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
