<script setup lang="ts">
import { Button, Form, Input, Radio, RadioGroup } from 'ant-design-vue';
import { useSessionStorage } from '@vueuse/core';
import { ref } from 'vue';
import { v7 as newId } from 'uuid';
import { ROUTES, type UnitSystem, foundingSchema } from '@emberfield/contract';
import type { Region } from '@emberfield/core/plants';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useEnter } from '../session/queries.ts';
import PickOne from '../kit/PickOne.vue';
import RegionField from './RegionField.vue';
import NewPersonFields from './NewPersonFields.vue';

const words = useWords();
const enter = useEnter();
// The key stays the same however often the form is sent; the password is kept nowhere.
const values = useSessionStorage(
  'emberfield-founding',
  {
    groupId: newId(),
    code: '',
    groupName: '',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
    units: 'metric' as UnitSystem,
    regions: [] as readonly Region[],
    name: '',
    signInName: '',
  },
  // What a former edition kept lacks some of it.
  { mergeDefaults: true },
);
const password = ref('');
const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((value) => ({ value, label: value }));
const form = useForm({
  schema: foundingSchema,
  body: () => {
    const { name, signInName, ...group } = values.value;
    return { ...group, keeper: { name, signInName, password: password.value } };
  },
});
const found = (): Promise<void | undefined> =>
  form.send(async (body) => {
    const session = await call(ROUTES.found, { body });
    sessionStorage.removeItem('emberfield-founding');
    enter(session);
  });
</script>

<template>
  <Form layout="vertical" class="section" @submit="found">
    <h2>{{ words.t('founding.title') }}</h2>
    <p class="soft">{{ words.t('founding.lead') }}</p>
    <FormField :form="form" at="code" :label="words.t('founding.code')">
      <Input v-model:value="values.code" autocomplete="off" placeholder="abcd-efgh-jkmn-pqrs" autofocus />
    </FormField>
    <FormField :form="form" at="groupName" :label="words.t('founding.groupName')">
      <Input v-model:value="values.groupName" :maxlength="80" />
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
    <NewPersonFields
      v-model:name="values.name"
      v-model:sign-in-name="values.signInName"
      v-model:password="password"
      :form="form"
      within="keeper" />
    <FormFailure :said="form.failure.value" />
    <Button type="primary" html-type="submit" size="large" :loading="form.busy.value">{{
      words.t('founding.found')
    }}</Button>
  </Form>
</template>
