<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useMutation, useQuery } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES } from '@emberfield/contract';
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
const reset = useMutation({
  mutationFn: () => call(ROUTES.resetPassword, { params, body: { password: password.value } }),
  onSuccess: (session) => {
    enter(session);
    void router.push({ name: 'hearth' });
  },
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
      <form @submit.prevent="reset.mutate()">
        <input type="text" class="hidden" autocomplete="username" :value="greeting.data.value.signInName" readonly />
        <label class="field"
          ><span>{{ words.t('founding.password') }}</span
          ><Input v-model:value="password" type="password" autocomplete="new-password" required
        /></label>
        <p v-if="reset.error.value" class="warn" role="alert">{{ reset.error.value.message }}</p>
        <Button type="primary" html-type="submit" size="large" :loading="reset.isPending.value">{{
          words.t('account.resetKeep')
        }}</Button>
      </form>
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
