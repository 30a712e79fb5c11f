<script setup lang="ts">
import { Button, Input, Radio, RadioGroup } from 'ant-design-vue';
import { useMutation } from '@tanstack/vue-query';
import { useSessionStorage } from '@vueuse/core';
import { ref } from 'vue';
import { v7 as newId } from 'uuid';
import { ROUTES, type UnitSystem } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useEnter } from '../session/queries.ts';
import PickOne from '../kit/PickOne.vue';

const words = useWords();
const enter = useEnter();
// The key stays the same however often the form is sent; the password is kept nowhere.
const form = useSessionStorage('emberfield-founding', {
  groupId: newId(),
  code: '',
  groupName: '',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
  units: 'metric' as UnitSystem,
  name: '',
  signInName: '',
});
const password = ref('');
const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((value) => ({ value, label: value }));
const found = useMutation({
  mutationFn: () => {
    const { groupId, code, groupName, zone, units, name, signInName } = form.value;
    return call(ROUTES.found, {
      body: { code, groupId, groupName, zone, units, keeper: { name, signInName, password: password.value } },
    });
  },
  onSuccess: (session) => {
    sessionStorage.removeItem('emberfield-founding');
    enter(session);
  },
});
</script>

<template>
  <form class="section" @submit.prevent="found.mutate()">
    <h2>{{ words.t('founding.title') }}</h2>
    <p class="soft">{{ words.t('founding.lead') }}</p>
    <label class="field"
      ><span>{{ words.t('founding.code') }}</span
      ><Input v-model:value="form.code" autocomplete="off" placeholder="abcd-efgh-jkmn-pqrs" required autofocus
    /></label>
    <label class="field"
      ><span>{{ words.t('founding.groupName') }}</span
      ><Input v-model:value="form.groupName" :maxlength="80" required
    /></label>
    <label class="field"
      ><span>{{ words.t('founding.zone') }}</span
      ><PickOne
        :model-value="form.zone"
        :options="zones"
        :label="words.t('founding.zone')"
        @update:model-value="form.zone = $event ?? 'UTC'"
    /></label>
    <div class="field">
      <span>{{ words.t('founding.units') }}</span>
      <RadioGroup v-model:value="form.units"
        ><Radio value="metric">{{ words.t('founding.metric') }}</Radio
        ><Radio value="imperial">{{ words.t('founding.imperial') }}</Radio></RadioGroup
      >
    </div>
    <label class="field"
      ><span>{{ words.t('founding.yourName') }}</span
      ><Input v-model:value="form.name" autocomplete="name" :maxlength="60" required
    /></label>
    <label class="field"
      ><span>{{ words.t('founding.signInName') }}</span
      ><Input v-model:value="form.signInName" autocomplete="username" required
    /></label>
    <label class="field"
      ><span>{{ words.t('founding.password') }}</span
      ><Input v-model:value="password" type="password" autocomplete="new-password" required
    /></label>
    <p v-if="found.error.value" class="warn" role="alert">{{ found.error.value.message }}</p>
    <Button type="primary" html-type="submit" size="large" :loading="found.isPending.value">{{
      words.t('founding.found')
    }}</Button>
  </form>
</template>
