<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import { v7 as newId } from 'uuid';
import { ROLES, ROUTES, type Role } from '@emberfield/contract';
import CopyField from '../kit/CopyField.vue';
import PickOne from '../kit/PickOne.vue';
import DataTable from '../kit/DataTable.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import MemberMenu from './MemberMenu.vue';
import { useChange, useInvitations, useMembers, useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

const words = useWords();
const session = useSession();
const { groupId, isKeeper } = useGroup();
const members = useMembers(groupId);
const invitations = useInvitations(groupId);
const role = ref<Role | null>('picker');
const link = ref('');
const params = (more: Record<string, string> = {}) => ({ groupId: groupId.value!, ...more });
const invite = useChange(() => call(ROUTES.invite, { params: params(), body: { id: newId(), role: role.value! } }));
const withdraw = useChange((id: string) => call(ROUTES.withdrawInvitation, { params: params({ invitationId: id }) }));
const change = useChange(({ accountId, to }: { accountId: string; to: Role }) =>
  call(ROUTES.changeRole, { params: params({ accountId }), body: { role: to } }),
);
const isMe = ({ accountId }: { readonly accountId: string }): boolean => accountId === session.data.value?.account?.id;
const stateOf = ({ usedBy, expiresAt }: { readonly usedBy: string | null; readonly expiresAt: string }): string =>
  usedBy
    ? words.value.t('group.usedBy', { name: usedBy })
    : words.value.t('group.open', { day: words.value.format.day(expiresAt.slice(0, 10)) });
async function make(): Promise<void> {
  const made = await invite.mutateAsync(undefined).catch(() => null);
  link.value = made?.token ? `${location.origin}/invitation/${made.token}` : '';
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.people') }}</h2>
    <DataTable
      bare
      :columns="[
        { key: 'name', title: '' },
        { key: 'role', title: '' },
        { key: 'act', title: '' },
      ]"
      :rows="members.data.value ?? []"
      :row-key="(m) => m.accountId"
      :label="words.t('group.people')">
      <template #name="{ row: m }">
        <b>{{ m.name }}</b>
        <span v-if="isMe(m)" class="soft"> {{ words.t('group.you') }}</span>
      </template>
      <template #role="{ row: m }">
        <PickOne
          v-if="isKeeper"
          :model-value="m.role"
          :label="`${words.t('group.makeKeeper')}: ${m.name}`"
          :options="ROLES.map((r) => ({ value: r, label: words.t(`role.${r}`) }))"
          @update:model-value="$event && change.mutate({ accountId: m.accountId, to: $event })" /><span v-else>{{
          words.t(`role.${m.role}`)
        }}</span>
        <span class="soft small"> {{ words.t(`group.roleNote.${m.role}`) }}</span>
      </template>
      <template #act="{ row: m }"><MemberMenu v-if="isKeeper && !isMe(m)" :member="m" /></template>
    </DataTable>
    <p v-if="change.error.value" class="warn" role="alert">{{ change.error.value.message }}</p>
    <template v-if="isKeeper">
      <h3>{{ words.t('group.inviteAs') }}</h3>
      <div class="row">
        <ChoiceChips
          v-model="role"
          :label="words.t('group.inviteAs')"
          :options="ROLES.map((r) => ({ value: r, label: words.t(`role.${r}`) }))" /><Button
          :disabled="invite.isPending.value"
          @click="make">
          {{ words.t('group.invite') }}
        </Button>
      </div>
      <div v-if="link" class="link">
        <p>{{ words.t('group.link') }}</p>
        <CopyField :text="link" :label="words.t('group.link')" />
      </div>
      <h3>{{ words.t('group.invitations') }}</h3>
      <p v-if="!invitations.data.value?.length" class="soft">{{ words.t('group.noInvitations') }}</p>
      <DataTable
        v-else
        bare
        :columns="[
          { key: 'role', title: '', text: (i) => words.t(`role.${i.role}`) },
          { key: 'state', title: '', text: stateOf },
          { key: 'act', title: '' },
        ]"
        :rows="invitations.data.value"
        :row-key="(i) => i.id"
        :label="words.t('group.invitations')">
        <template #act="{ row: i }">
          <Button v-if="!i.usedBy" type="link" @click="withdraw.mutate(i.id)">{{ words.t('group.withdraw') }}</Button>
        </template>
      </DataTable>
    </template>
  </section>
</template>

<style scoped>
:deep(.ant-table-cell) > .soft {
  margin-left: 8px;
}
.row {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
  margin: 6px 0;
}
.link {
  background: var(--band);
  padding: 10px 14px;
  margin: 8px 0;
}
h3 {
  margin-top: 14px;
}
</style>
