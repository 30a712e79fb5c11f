<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useMutation, useQuery } from '@tanstack/vue-query';
import { reactive } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES, type SessionView, acceptInvitationSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import { useForm } from '../form/use-form.ts';
import StateNote from '../kit/StateNote.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useEnter, useSession } from '../session/queries.ts';
import NewPersonFields from './NewPersonFields.vue';

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
const values = reactive({ signInName: '', name: '', password: '' });
const form = useForm({ schema: acceptInvitationSchema, body: () => values });
const enterGroup = (next: SessionView): void => {
  enter(next);
  void router.push({ name: 'hearth' });
};
const accept = (): Promise<void | undefined> =>
  form.send(async (body) => enterGroup(await call(ROUTES.acceptInvitation, { params, body })));
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
      <Form v-else layout="vertical" @submit="accept">
        <NewPersonFields
          v-model:name="values.name"
          v-model:sign-in-name="values.signInName"
          v-model:password="values.password"
          :form="form" />
        <Button type="primary" html-type="submit" size="large" :loading="form.busy.value">{{
          words.t('invitation.accept')
        }}</Button>
      </Form>
      <FormFailure :said="form.failure.value || join.error.value?.message" />
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
