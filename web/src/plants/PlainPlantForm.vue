<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { centreOf, type PatchView, type PlantListItem, type PlantView } from '@emberfield/contract';
import { LANDMARKS } from '@emberfield/core/plants';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { spoken } from '../platform/language.ts';
import { useDraft } from '../session/use-draft.ts';
import { useWords } from '../session/words.ts';
import './own-form.css';
import OwnCautions from './OwnCautions.vue';
import OwnNames from './OwnNames.vue';
import OwnParts from './OwnParts.vue';
import OwnSigns from './OwnSigns.vue';
import OwnTwins from './OwnTwins.vue';
import OwnYear from './OwnYear.vue';
import { blankPlain, plainSchema, sentForm, type PlainForm } from './plain-form.ts';
import { plainOf, profileFromPlain } from './plain-plant.ts';
import { useSavePlant } from './use-save-plant.ts';

/** A plant written from nothing, or changed that was: what its people know, in their dates. */
const props = defineProps<{
  plants: readonly PlantListItem[];
  places: readonly PatchView[];
  /** `null`: a new one. */
  plant: PlantView | null;
  /** A name that was typed before, where it was missed. */
  name?: string;
}>();
const words = useWords();
const router = useRouter();
const language = spoken.value;
const ownKey = props.plant?.profile.key ?? null;
const before = props.plant && plainOf(props.plant.profile, words.value);
/** Until a place is named the days are of the half of the earth where the group has its places. */
const south = props.places.some((p) => centreOf(p.geometry).latitudeDeg < 0);
const values = useDraft<PlainForm | null>(() => `own-plant-${ownKey ?? `new:${props.name ?? ''}`}`, null);
// What was typed before a field was there has it as a new form has.
values.value = { ...blankPlain(props.name, south), ...(values.value ?? before) };
const filled = computed(() => values.value ?? blankPlain());
const form = useForm<PlainForm>({
  schema: plainSchema(props.plants, ownKey),
  body: () => values.value && sentForm(values.value),
});
const { save } = useSavePlant();
const stages = computed(() =>
  LANDMARKS.filter((l) => filled.value.landmarks[l] !== null).map((l) => ({
    value: l as string,
    label: words.value.t(`ownPlant.landmark.${l}`),
  })),
);
const letGo = (): void => void (values.value = null);
const keep = (): Promise<unknown> =>
  form.send(async (body) => {
    const profile = profileFromPlain(body, words.value, language, props.plant?.profile ?? null);
    await save({ copiedFrom: null, baseRevision: props.plant?.revision ?? 0, profile, note: body.note }, letGo);
  });
function leave(): void {
  letGo();
  void router.push(ownKey ? { name: 'plant', params: { plantKey: ownKey } } : { name: 'plants' });
}
</script>

<template>
  <Form v-if="values" layout="vertical" class="page own" @submit="keep">
    <h1>{{ plant ? words.text(plant.profile.names) : words.t('ownPlant.title') }}</h1>
    <p class="soft">{{ words.t('ownPlant.lead') }}</p>
    <OwnNames v-model="values" :form="form" :plants="plants" :is-new="plant === null" />
    <section class="section">
      <h2>{{ words.t('ownPlant.parts') }}</h2>
      <p v-if="values.severity !== 'none'" class="soft">{{ words.t('ownPlant.noParts') }}</p>
      <OwnParts v-else v-model="values.parts" :form="form" />
    </section>
    <OwnYear v-model="values" :form="form" :places="places" />
    <section class="section">
      <h2>{{ words.t('ownPlant.twins') }}</h2>
      <p :class="values.twins.length ? 'soft' : 'warn'">{{ words.t('ownPlant.twinsLead') }}</p>
      <OwnTwins
        v-model="values.twins"
        :form="form"
        at="twins"
        :plants="plants"
        :own-key="values.key"
        :stages="stages" />
    </section>
    <section class="section">
      <h2>{{ words.t('ownPlant.signs') }}</h2>
      <p class="soft">{{ words.t('ownPlant.signsLead') }}</p>
      <OwnSigns v-model="values.shows" :form="form" :habit="values.habit" />
    </section>
    <section class="section">
      <h2>{{ words.t('ownPlant.cautions') }}</h2>
      <OwnCautions v-model="values.cautions" :form="form" at="cautions" />
    </section>
    <FormField :form="form" at="bring" optional :label="words.t('ownPlant.bring')">
      <Input v-model:value="values.bring" :maxlength="600" />
    </FormField>
    <FormField :form="form" at="keeping" optional :label="words.t('plants.keeping')">
      <Input v-model:value="values.keeping" :maxlength="600" />
    </FormField>
    <FormField v-if="plant" :form="form" at="note" optional :label="words.t('plants.note')">
      <Input v-model:value="values.note" :maxlength="400" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <div class="acts">
      <Button html-type="submit" type="primary" :loading="form.busy.value">{{
        words.t('plants.keepOwn')
      }}</Button><Button @click="leave">{{ words.t('common.cancel') }}</Button>
    </div>
  </Form>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 10px;
}
</style>
