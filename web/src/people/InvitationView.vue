<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useMutation, useQuery } from '@tanstack/vue-query';
import { reactive } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES, type SessionView } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useEnter, useSession } from '../session/queries.ts';

const words = useWords();
const route = useRoute();
const router = useRouter();
const session = useSession();
const enter = useEnter();
const params = { token: String(route.params['token']) };
const greeting = useQuery({
  queryKey: ['invitation', params.token],
  queryFn: () => call(ROUTES.invitationGreeting, { params }),
});
const form = reactive({ signInName: '', name: '', password: '' });
const enterGroup = (next: SessionView): void => {
  enter(next);
  void router.push({ name: 'hearth' });
};
const accept = useMutation({
  mutationFn: () => call(ROUTES.acceptInvitation, { params, body: { ...form } }),
  onSuccess: enterGroup,
});
const join = useMutation({ mutationFn: () => call(ROUTES.joinByInvitation, { params }), onSuccess: enterGroup });
</script>

<template>
  <div class="gate">
    <StateNote v-if="greeting.isPending.value" state="loading" />
    <StateNote v-else-if="greeting.isLoadingError.value" state="empty" :title="greeting.error.value?.message"
      ><GoButton :to="{ name: 'hearth' }">{{ words.t('common.toHearth') }}</GoButton></StateNote
    >
    <template v-else-if="greeting.data.value">
      <h1>{{ words.t('invitation.title') }}</h1>
      <p>
        {{
          words.t('invitation.lead', {
            by: greeting.data.value.invitedBy,
            group: greeting.data.value.groupName,
            role: words.t(`role.${greeting.data.value.role}`),
          })
        }}
      </p>
      <Button
        v-if="session.data.value?.account"
        type="primary"
        size="large"
        :loading="join.isPending.value"
        @click="join.mutate()"
        >{{ words.t('invitation.join', { name: session.data.value.account.name }) }}</Button
      >
      <form v-else @submit.prevent="accept.mutate()">
        <label class="field"
          ><span>{{ words.t('founding.yourName') }}</span
          ><Input v-model:value="form.name" autocomplete="name" required
        /></label>
        <label class="field"
          ><span>{{ words.t('founding.signInName') }}</span
          ><Input v-model:value="form.signInName" autocomplete="username" required
        /></label>
        <label class="field"
          ><span>{{ words.t('founding.password') }}</span
          ><Input v-model:value="form.password" type="password" autocomplete="new-password" required
        /></label>
        <Button type="primary" html-type="submit" size="large" :loading="accept.isPending.value">{{
          words.t('invitation.accept')
        }}</Button>
      </form>
      <p v-if="accept.error.value ?? join.error.value" class="warn" role="alert">
        {{ (accept.error.value ?? join.error.value)?.message }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.gate {
  max-width: 480px;
  margin: 0 auto;
  padding: 9vh 20px;
}
h1 {
  margin-bottom: 10px;
}
</style>
