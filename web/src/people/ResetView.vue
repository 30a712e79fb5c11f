<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useQuery } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES, resetPasswordSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import StateNote from '../kit/StateNote.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useEnter } from '../session/queries.ts';

/** Another password by the link that a keeper made. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const enter = useEnter();
const params = { token: String(route.params['token']) };
const greeting = useQuery({
  queryKey: ['reset', params.token],
  queryFn: () => call(ROUTES.resetGreeting, { params }),
  retry: false,
});
const password = ref('');
const form = useForm({ schema: resetPasswordSchema, body: () => ({ password: password.value }) });
const reset = (): Promise<void | undefined> =>
  form.send(async (body) => {
    enter(await call(ROUTES.resetPassword, { params, body }));
    await router.push({ name: 'hearth' });
  });
</script>

<template>
  <div class="gate">
    <StateNote v-if="greeting.isPending.value" state="loading" />
    <StateNote v-else-if="!greeting.data.value" state="empty" :title="greeting.error.value?.message"
      ><GoButton :to="{ name: 'hearth' }">{{ words.t('common.toHearth') }}</GoButton></StateNote
    >
    <template v-else>
      <h1>{{ words.t('account.resetTitle') }}</h1>
      <p>{{ words.t('account.resetLead', { name: greeting.data.value.name }) }}</p>
      <Form layout="vertical" @submit="reset">
        <input type="text" class="hidden" autocomplete="username" :value="greeting.data.value.signInName" readonly />
        <FormField :form="form" at="password" :label="words.t('founding.password')">
          <Input v-model:value="password" type="password" autocomplete="new-password" />
        </FormField>
        <FormFailure :said="form.failure.value" />
        <Button type="primary" html-type="submit" size="large" :loading="form.busy.value">{{
          words.t('account.resetKeep')
        }}</Button>
      </Form>
    </template>
  </div>
</template>

<style scoped>
.gate {
  max-width: 480px;
  margin: 0 auto;
  padding: 9vh 20px;
}
/* For password keepers: which name the new password belongs to. */
.hidden {
  display: none;
}
</style>
