<script setup lang="ts">
import { Button, Form, InputPassword, Popconfirm, Space } from 'ant-design-vue';
import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { reactive } from 'vue';
import { useRouter } from 'vue-router';
import { ROUTES, changePasswordSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useSession, useSessions } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** One's own account: password, who is signed in under it elsewhere, and the way out of the group. */
const words = useWords();
const undo = useUndo();
const client = useQueryClient();
const router = useRouter();
const session = useSession();
const sessions = useSessions();
const { groupId, group } = useGroup();
const values = reactive({ current: '', next: '' });
const form = useForm({ schema: changePasswordSchema, body: () => values });
async function change(): Promise<void> {
  if ((await form.send((body) => call(ROUTES.changePassword, { body }))) === undefined) return;
  Object.assign(values, { current: '', next: '' });
  undo.say(words.value.t('account.changed'));
  await client.invalidateQueries({ queryKey: ['sessions'] });
}
const endOthers = useMutation({
  mutationFn: () => call(ROUTES.endOtherSessions),
  onSuccess: () => client.invalidateQueries({ queryKey: ['sessions'] }),
});
const leave = useMutation({
  mutationFn: () => call(ROUTES.leaveGroup, { params: { groupId: groupId.value! } }),
  onSuccess: async () => {
    await client.resetQueries();
    await router.push({ name: 'hearth' });
  },
});
</script>

<template>
  <section class="section">
    <h2>{{ words.t('account.title') }}</h2>
    <Form layout="vertical" @submit="change">
      <input
        type="text"
        class="hidden"
        autocomplete="username"
        :value="session.data.value?.account?.signInName"
        readonly />
      <FormField :form="form" at="current" :label="words.t('account.current')">
        <InputPassword v-model:value="values.current" autocomplete="current-password" />
      </FormField>
      <FormField :form="form" at="next" :label="words.t('account.next')">
        <InputPassword v-model:value="values.next" autocomplete="new-password" />
      </FormField>
      <FormFailure :said="form.failure.value" />
      <Button html-type="submit" :loading="form.busy.value">
        {{ words.t('account.change') }}
      </Button>
    </Form>
    <Space wrap class="ways">
      <Button
        v-if="(sessions.data.value?.length ?? 0) > 1"
        :loading="endOthers.isPending.value"
        @click="endOthers.mutate()">
        {{ words.t('account.endOthers') }}
      </Button>
      <Popconfirm
        :title="words.t('account.leaveSure', { group: group?.name ?? '' })"
        :ok-text="words.t('account.leave')"
        :cancel-text="words.t('common.cancel')"
        @confirm="leave.mutate()">
        <Button danger :loading="leave.isPending.value">{{ words.t('account.leave') }}</Button>
      </Popconfirm>
    </Space>
    <p v-if="leave.error.value ?? endOthers.error.value" class="warn" role="alert">
      {{ (leave.error.value ?? endOthers.error.value)?.message }}
    </p>
  </section>
</template>

<style scoped>
.ways {
  margin-top: 16px;
}
.hidden {
  display: none;
}
</style>
