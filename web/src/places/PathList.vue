<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
import { ROUTES } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import { call } from '../platform/api.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { usePaths } from './queries.ts';

/** The paths that came in with files; a keeper can forget one. */
const words = useWords();
const { groupId, isKeeper } = useGroup();
const paths = usePaths(groupId);
const MOST_AT_ONCE = 20;
const forget = useChange((pathId: string) => call(ROUTES.forgetPath, { params: { groupId: groupId.value!, pathId } }));
</script>

<template>
  <section v-if="paths.data.value?.length" class="section">
    <h2>{{ words.t('files.paths') }}</h2>
    <DataTable
      :columns="[
        { key: 'name', title: words.t('files.pathName'), text: (p) => p.name, sort: (p) => p.name },
        {
          key: 'day',
          title: words.t('files.pathDay'),
          text: (p) => (p.day ? words.format.dayAndYear(p.day) : ''),
          sort: (p) => p.day ?? '',
        },
        {
          key: 'length',
          title: words.t('files.pathLength'),
          number: true,
          text: (p) => words.format.distance(p.lengthM),
          sort: (p) => p.lengthM,
        },
        ...(isKeeper ? [{ key: 'act', title: '' }] : []),
      ]"
      :rows="paths.data.value"
      :row-key="(p) => p.id"
      :most="MOST_AT_ONCE"
      :label="words.t('files.paths')">
      <template #act="{ row: p }">
        <Popconfirm
          :title="words.t('files.forgetAsk', { name: p.name })"
          :ok-text="words.t('files.forget')"
          :cancel-text="words.t('common.cancel')"
          @confirm="forget.mutate(p.id)">
          <Button type="link" :disabled="forget.isPending.value">{{ words.t('files.forget') }}</Button>
        </Popconfirm>
      </template>
    </DataTable>
    <p v-if="forget.error.value" class="warn" role="alert">{{ forget.error.value.message }}</p>
  </section>
</template>
