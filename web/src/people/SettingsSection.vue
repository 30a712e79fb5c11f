<script setup lang="ts">
import { Button, Form, Input, Radio, RadioGroup } from 'ant-design-vue';
import { reactive, watch } from 'vue';
import {
  ROUTES,
  type CallNumber,
  type GroupSettings,
  type UnitSystem,
  groupSettingsSchema,
} from '@emberfield/contract';
import type { Region } from '@emberfield/core/plants';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import PickOne from '../kit/PickOne.vue';
import NumbersField from './NumbersField.vue';
import RegionField from './RegionField.vue';

const words = useWords();
const undo = useUndo();
const { groupId, group } = useGroup();
const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((value) => ({ value, label: value }));
const values = reactive({
  name: '',
  zone: 'UTC',
  units: 'metric' as UnitSystem,
  regions: [] as readonly Region[],
  numbers: [] as readonly CallNumber[],
});
watch(
  group,
  (g) => {
    if (!g) return;
    const { name, zone, units, regions, numbers } = g;
    Object.assign(values, { name, zone, units, regions, numbers });
  },
  { immediate: true },
);
const form = useForm({ schema: groupSettingsSchema, body: () => values });
const save = useChange((body: GroupSettings) =>
  call(ROUTES.changeGroup, { params: { groupId: groupId.value! }, body }),
);
async function keep(): Promise<void> {
  if ((await form.send(save.mutateAsync)) !== undefined) undo.say(words.value.t('common.stored'));
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.settings') }}</h2>
    <Form layout="vertical" @submit="keep">
      <FormField :form="form" at="name" :label="words.t('founding.groupName')">
        <Input v-model:value="values.name" :maxlength="80" />
      </FormField>
      <FormField :form="form" at="zone" :label="words.t('founding.zone')">
        <PickOne
          :model-value="values.zone"
          :options="zones"
          :label="words.t('founding.zone')"
          @update:model-value="values.zone = $event ?? 'UTC'" />
      </FormField>
      <FormField :form="form" at="units" :label="words.t('founding.units')">
        <RadioGroup v-model:value="values.units"
          ><Radio value="metric">{{ words.t('founding.metric') }}</Radio
          ><Radio value="imperial">{{ words.t('founding.imperial') }}</Radio></RadioGroup
        >
      </FormField>
      <RegionField v-model="values.regions" :form="form" />
      <NumbersField v-model="values.numbers" :form="form" />
      <FormFailure :said="form.failure.value" />
      <Button html-type="submit" :loading="form.busy.value">{{ words.t('common.save') }}</Button>
    </Form>
  </section>
</template>
