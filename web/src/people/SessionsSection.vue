<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { ROUTES } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { call } from '../platform/api.ts';
import { useSessions } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { deviceOf } from './device.ts';

/** Where one is signed in, and the way to end it there. */
const words = useWords();
const client = useQueryClient();
const { group } = useGroup();
const sessions = useSessions();
type Session = NonNullable<typeof sessions.data.value>[number];
const columns = computed((): readonly DataColumn<Session>[] => {
  const { t, format } = words.value;
  const seen = ({ here, lastSeenAt }: Session): string =>
    here ? t('group.here') : t('group.lastSeen', { day: format.instant(lastSeenAt, group.value?.zone ?? 'UTC') });
  return [
    { key: 'device', title: t('group.sessions'), text: (s) => t(`group.device.${deviceOf(s.browser)}`) },
    { key: 'seen', title: '', text: seen },
    { key: 'act', title: '' },
  ];
});
async function end(sessionId: string): Promise<void> {
  await call(ROUTES.endSession, { params: { sessionId } });
  await client.invalidateQueries({ queryKey: ['sessions'] });
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.sessions') }}</h2>
    <DataTable
      bare
      :columns="columns"
      :rows="sessions.data.value ?? []"
      :row-key="(s) => s.id"
      :label="words.t('group.sessions')">
      <template #act="{ row }">
        <Button v-if="!row.here" type="link" @click="end(row.id)">{{ words.t('group.end') }}</Button>
      </template>
    </DataTable>
  </section>
</template>
