<script setup lang="ts">
import { Button, Form, Input, Textarea } from 'ant-design-vue';
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES, type SavePlant, savePlantSchema } from '@emberfield/contract';
import { spoken } from '../platform/language.ts';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { firstOfYear, isoDay } from '@emberfield/core/measure';
import NumberField from '../kit/NumberField.vue';
import StateNote from '../kit/StateNote.vue';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
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
const values = useDraft<OwnPlantForm | null>(() => `plant-${plantKey.value}`, null);
const language = spoken.value;
watch(
  () => plant.data.value,
  (p) => {
    if (!p || values.value) return;
    const fresh = formOf(p.profile, language);
    if (isCopy.value) {
      const name = `${fresh.name} (${words.value.t('plants.own').toLowerCase()})`;
      Object.assign(fresh, { name, key: keyFrom(name) });
    }
    values.value = fresh;
  },
  { immediate: true },
);
/** The three figures of a stage's usual day and of its sum of warmth, each with its place in the profile. */
const CALENDAR = [
  { key: 'early', in: 'low', label: 'plants.dayEarly' },
  { key: 'usual', in: 'value', label: 'plants.usualDay' },
  { key: 'late', in: 'high', label: 'plants.dayLate' },
] as const;
const SUM = [
  { in: 'low', label: 'plants.sumLow' },
  { in: 'value', label: 'plants.sum' },
  { in: 'high', label: 'plants.sumHigh' },
] as const;
/** What is wrong with all three together is said at the middle one. */
const placesOf = (figure: string, part: 'low' | 'value' | 'high'): readonly string[] =>
  part === 'value' ? [`${figure}.value`, `${figure}$`] : [`${figure}.${part}`];
/** A day of the year as people say it, in a year without a leap day. */
const usualDay = (dayOfYear: number): string =>
  words.value.format.day(isoDay(firstOfYear(2025) + Math.round(dayOfYear) - 1));
const form = useForm({
  schema: savePlantSchema,
  body: () => {
    if (!plant.data.value || !values.value) return undefined;
    const { profile, copiedFrom, revision } = plant.data.value;
    return {
      copiedFrom: copiedFrom ?? profile.key,
      baseRevision: isCopy.value ? 0 : revision,
      profile: profileFrom(profile, values.value, language),
      note: values.value.note,
    };
  },
});
const save = useChange((body: SavePlant) =>
  call(ROUTES.savePlant, { params: { groupId: groupId.value!, plantKey: body.profile.key }, body }),
);
async function keep(): Promise<void> {
  const saved = await form.send(save.mutateAsync);
  if (saved === undefined) return;
  values.value = null;
  undo.say(words.value.t('plants.keptOwn'));
  await router.push({ name: 'plant', params: { plantKey: saved.profile.key } });
}
function rename(name: string): void {
  if (!values.value) return;
  if (isCopy.value && values.value.key === keyFrom(values.value.name)) values.value.key = keyFrom(name);
  values.value.name = name;
}
function leave(): void {
  values.value = null;
  void router.push({ name: 'plant', params: { plantKey: plantKey.value } });
}
</script>

<template>
  <StateNote
    v-if="plant.isLoadingError.value"
    state="failed"
    :text="plant.error.value?.message"
    @retry="plant.refetch()" />
  <StateNote v-else-if="!plant.data.value || !values" state="loading" />
  <Form v-else layout="vertical" class="page" @submit="keep">
    <h1>{{ words.t('plants.own') }}</h1>
    <p class="soft">{{ words.t('plants.editLead') }}</p>
    <div class="pair">
      <FormField :form="form" at="profile.names" :label="words.t('plants.ownName')">
        <Input :value="values.name" :maxlength="80" @update:value="rename($event)" />
      </FormField>
      <FormField
        v-if="isCopy"
        :form="form"
        at="profile.key"
        :label="`${words.t('plants.ownKey')} (${words.t('plants.keyNote')})`">
        <Input v-model:value="values.key" :maxlength="60" />
      </FormField>
    </div>
    <FormField :form="form" at="profile.about" :label="words.t('plants.about')">
      <Textarea v-model:value="values.about" :rows="2" :maxlength="600" />
    </FormField>
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
            <th v-for="c in [...CALENDAR, ...SUM]" :key="c.label">{{ words.t(c.label) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in values.stages" :key="s.key">
            <td>
              {{ words.text(plant.data.value.profile.stages[i]!.name) }}
              <span v-if="s.usual !== null && s.usual > 0" class="soft">{{ usualDay(s.usual) }}</span>
            </td>
            <td v-for="c in CALENDAR" :key="c.label" :data-name="words.t(c.label)">
              <FormField
                bare
                :form="form"
                :at="placesOf(`profile.stages[${i}].calendar`, c.in)"
                :label="words.t(c.label)">
                <NumberField v-model="s[c.key]" :label="words.t(c.label)" size="small" />
              </FormField>
            </td>
            <template v-if="s.sum">
              <td v-for="c in SUM" :key="c.label" :data-name="words.t(c.label)">
                <FormField
                  bare
                  :form="form"
                  :at="placesOf(`profile.stages[${i}].model.sum`, c.in)"
                  :label="words.t(c.label)">
                  <NumberField v-model="s.sum[c.in]" :label="words.t(c.label)" size="small" />
                </FormField>
              </td>
            </template>
            <td v-else colspan="3" class="soft no-sum">–</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section class="section">
      <h2>{{ words.t('plants.capPerPlant') }}</h2>
      <FormField bare :form="form" at="profile.ceilings" :label="words.t('plants.capPerPlant')">
        <label v-for="p in plant.data.value.profile.parts" :key="p.key" class="cap"
          >{{ words.text(p.name) }} <NumberField v-model="values.caps[p.key]" size="small"
        /></label>
      </FormField>
    </section>
    <FormField :form="form" at="profile.cautions" optional :label="words.t('plants.extraCaution')">
      <Input v-model:value="values.caution" :maxlength="500" />
    </FormField>
    <FormField :form="form" at="note" optional :label="words.t('plants.note')">
      <Input v-model:value="values.note" :maxlength="400" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <div class="acts">
      <Button html-type="submit" type="primary" :loading="form.busy.value">
        {{ words.t('plants.keepOwn') }}</Button><Button @click="leave">
        {{ words.t('common.cancel') }}
      </Button>
    </div>
  </Form>
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
  /* A stage over its figures, each under its name: side by side none could be read. */
  thead,
  .no-sum {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    padding: 8px 0;
  }
  tr td:first-child {
    grid-column: 1 / -1;
    font-weight: 640;
  }
  td {
    border: 0;
    padding-bottom: 4px;
  }
  td[data-name]::before {
    content: attr(data-name);
    display: block;
    color: var(--soft);
  }
}
</style>
