<script setup lang="ts">
import { Button, Dropdown, Menu, MenuItem, Modal } from 'ant-design-vue';
import { useMutation } from '@tanstack/vue-query';
import { ref } from 'vue';
import { ROUTES, type MemberView } from '@emberfield/contract';
import CopyField from '../kit/CopyField.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** What a keeper can do for a member: a link for another password, the way out, and the removal of what is known of them. */
const props = defineProps<{ member: MemberView }>();
const words = useWords();
const { groupId } = useGroup();
const params = () => ({ groupId: groupId.value!, accountId: props.member.accountId });
const asking = ref<'remove' | 'forget' | null>(null);
const link = ref('');
const makeLink = useMutation({
  mutationFn: () => call(ROUTES.makeResetLink, { params: params() }),
  onSuccess: ({ token }) => (link.value = `${location.origin}/reset/${token}`),
});
const go = useChange((what: 'remove' | 'forget') =>
  call(what === 'remove' ? ROUTES.removeMember : ROUTES.forgetPerson, { params: params() }),
);
async function sure(): Promise<void> {
  if (asking.value) await go.mutateAsync(asking.value).catch(() => undefined);
  asking.value = null;
}
const pick = ({ key }: { readonly key: string | number }): void => {
  if (key === 'link') makeLink.mutate();
  else asking.value = key === 'forget' ? 'forget' : 'remove';
};
</script>

<template>
  <Dropdown :trigger="['click']">
    <Button type="text" :aria-label="words.t('account.forMember', { name: member.name })">⋯</Button>
    <template #overlay>
      <Menu @click="pick">
        <MenuItem key="link">{{ words.t('account.makeLink') }}</MenuItem>
        <MenuItem key="remove">{{ words.t('group.removeMember') }}</MenuItem>
        <MenuItem key="forget" danger>{{ words.t('account.forget') }}</MenuItem>
      </Menu>
    </template>
  </Dropdown>
  <p v-if="makeLink.error.value ?? go.error.value" class="warn" role="alert">
    {{ (makeLink.error.value ?? go.error.value)?.message }}
  </p>
  <Modal :open="link !== ''" :title="words.t('account.makeLink')" :footer="null" @update:open="!$event && (link = '')">
    <p>{{ words.t('account.linkLead', { name: member.name }) }}</p>
    <CopyField :text="link" :label="words.t('account.makeLink')" />
  </Modal>
  <Modal
    :open="asking !== null"
    :title="words.t(asking === 'forget' ? 'account.forget' : 'group.removeMember')"
    :ok-text="words.t(asking === 'forget' ? 'account.forget' : 'group.removeMember')"
    :ok-button-props="{ danger: true, loading: go.isPending.value }"
    :cancel-text="words.t('common.cancel')"
    @ok="sure"
    @cancel="asking = null">
    <p>{{ words.t(asking === 'forget' ? 'account.forgetSure' : 'account.removeSure', { name: member.name }) }}</p>
  </Modal>
</template>
