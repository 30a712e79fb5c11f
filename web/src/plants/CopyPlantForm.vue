<script setup lang="ts">
import { Button, Checkbox, Form, Input, Textarea } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { exactly, savePlantSchema, type PlantListItem, type PlantProfile, type PlantView } from '@emberfield/contract';
import { hasCaution, hasTwin } from '@emberfield/core/plants';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import HarmfulName from '../kit/HarmfulName.vue';
import NumberField from '../kit/NumberField.vue';
import YearDayField from '../kit/YearDayField.vue';
import { spoken } from '../platform/language.ts';
import { useDraft } from '../session/use-draft.ts';
import { useWords } from '../session/words.ts';
import { keyFrom } from './key-from.ts';
import './own-form.css';
import OwnCautions from './OwnCautions.vue';
import { formOf, profileFrom, type OwnPlantForm } from './own-plant.ts';
import OwnTwins from './OwnTwins.vue';
import { cautionsSchema, twinsSchema } from './plain-form.ts';
import { useSavePlant } from './use-save-plant.ts';

/** A copy of a plant of the list: its days moved, its figures set, warnings added to those that it inherits. */
const props = defineProps<{
  plants: readonly PlantListItem[];
  plant: PlantView;
  /** The plant whose warnings it keeps: its model, or the plant itself while the copy is yet to be made. */
  base: PlantProfile;
}>();
const words = useWords();
const router = useRouter();
const language = spoken.value;
const { profile, revision } = props.plant;
const isCopy = revision === 0;
const values = useDraft<OwnPlantForm | null>(() => `copy-of-${profile.key}`, null);
if (values.value === null) {
  const fresh = formOf(profile, props.base, language);
  if (isCopy) {
    const name = `${fresh.name} (${words.value.t('plants.own').toLowerCase()})`;
    Object.assign(fresh, { name, key: keyFrom(name) });
  }
  values.value = fresh;
}
// What was typed before there was this field begins its season as the plant does.
values.value.start ??= formOf(profile, props.base, language).start;
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
const copySchema = exactly({ save: savePlantSchema, twins: twinsSchema(), cautions: cautionsSchema() }).required();
const form = useForm({
  schema: copySchema,
  body: () => {
    if (!values.value) return undefined;
    const { twins, cautions, note } = values.value;
    return {
      save: {
        copiedFrom: isCopy ? profile.key : props.plant.copiedFrom,
        baseRevision: revision,
        profile: profileFrom(profile, props.base, values.value, language),
        note,
      },
      twins,
      cautions,
    };
  },
});
const { save } = useSavePlant();
const letGo = (): void => void (values.value = null);
const keep = (): Promise<unknown> =>
  form.send(async (body) => {
    await save(body.save, letGo);
  });
const stages = computed(() => profile.stages.map((s) => ({ value: s.key, label: words.value.text(s.name) })));
const inherited = computed(() => profile.lookAlikes.filter((l) => hasTwin(props.base, l)));
const warned = computed(() => profile.cautions.filter((c) => hasCaution(props.base, c)));
function rename(name: string): void {
  if (!values.value) return;
  if (isCopy && values.value.key === keyFrom(values.value.name)) values.value.key = keyFrom(name);
  values.value.name = name;
}
function leave(): void {
  letGo();
  void router.push({ name: 'plant', params: { plantKey: profile.key } });
}
</script>

<template>
  <Form v-if="values" layout="vertical" class="page own" @submit="keep">
    <h1>{{ words.t('plants.own') }}</h1>
    <p class="soft">{{ words.t('plants.editLead') }}</p>
    <div class="pair">
      <FormField :form="form" at="save.profile.names" :label="words.t('plants.ownName')">
        <Input :value="values.name" :maxlength="80" @update:value="rename($event)" />
      </FormField>
      <FormField
        v-if="isCopy"
        :form="form"
        at="save.profile.key"
        :label="`${words.t('plants.ownKey')} (${words.t('plants.keyNote')})`">
        <Input v-model:value="values.key" :maxlength="60" />
      </FormField>
    </div>
    <FormField :form="form" at="save.profile.about" :label="words.t('plants.about')">
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
            <th />
          </tr>
          <tr>
            <th />
            <th v-for="c in [...CALENDAR, ...SUM]" :key="c.label">{{ words.t(c.label) }}</th>
            <th>{{ words.t('plants.alone') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in values.stages" :key="s.key">
            <td>
              {{ words.text(profile.stages[i]!.name) }}
            </td>
            <td v-for="c in CALENDAR" :key="c.label" :data-name="words.t(c.label)">
              <FormField
                bare
                :form="form"
                :at="placesOf(`save.profile.stages[${i}].calendar`, c.in)"
                :label="words.t(c.label)">
                <YearDayField v-model="s[c.key]" :label="words.t(c.label)" size="small" />
              </FormField>
            </td>
            <template v-if="s.sum && !s.alone">
              <td v-for="c in SUM" :key="c.label" :data-name="words.t(c.label)">
                <FormField
                  bare
                  :form="form"
                  :at="placesOf(`save.profile.stages[${i}].model.sum`, c.in)"
                  :label="words.t(c.label)">
                  <NumberField v-model="s.sum[c.in]" :label="words.t(c.label)" size="small" />
                </FormField>
              </td>
            </template>
            <td v-else colspan="3" class="soft no-sum">–</td>
            <td class="alone">
              <Checkbox
                v-model:checked="s.alone"
                :aria-label="`${words.text(profile.stages[i]!.name)}: ${words.t('plants.alone')}`">
                <span class="under">{{ words.t('plants.alone') }}</span>
              </Checkbox>
            </td>
          </tr>
        </tbody>
      </table>
      <FormField class="starts" :form="form" at="save.profile.seasonStart" :label="words.t('plants.seasonStart')">
        <YearDayField v-model="values.start" :label="words.t('plants.seasonStart')" />
      </FormField>
    </section>
    <section class="section">
      <h2>{{ words.t('plants.capPerPlant') }}</h2>
      <FormField bare :form="form" at="save.profile.ceilings" :label="words.t('plants.capPerPlant')">
        <label v-for="p in profile.parts" :key="p.key" class="cap"
          >{{ words.text(p.name) }} <NumberField v-model="values.caps[p.key]" size="small"
        /></label>
      </FormField>
    </section>
    <section class="section">
      <h2>{{ words.t('ownPlant.twins') }}</h2>
      <p v-for="l in inherited" :key="l.scientific">
        <HarmfulName :name="l.name" :severity="l.severity" :plant-key="null" /> <CatalogueText :text="l.separatedBy" />
        <span class="soft small"> · {{ words.t('ownPlant.cautionOf', { name: words.text(base.names) }) }}</span>
      </p>
      <p>{{ words.t('ownPlant.twinsOwn') }}</p>
      <OwnTwins
        v-model="values.twins"
        :form="form"
        at="twins"
        :plants="plants"
        :own-key="values.key"
        :stages="stages" />
    </section>
    <section class="section">
      <h2>{{ words.t('ownPlant.cautions') }}</h2>
      <p v-for="(c, i) in warned" :key="i">
        <CatalogueText :text="c.text" />
        <span class="soft small"> · {{ words.t('ownPlant.cautionOf', { name: words.text(base.names) }) }}</span>
      </p>
      <OwnCautions v-model="values.cautions" :form="form" at="cautions" />
    </section>
    <FormField :form="form" at="save.note" optional :label="words.t('plants.note')">
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
.starts {
  max-width: 220px;
  margin-top: 10px;
}
/* In the table its column says it. */
@media (min-width: 901px) {
  .alone .under {
    position: absolute;
    clip-path: inset(50%);
  }
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
  td.alone {
    grid-column: 1 / -1;
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
