<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useInfiniteQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { ROUTES, type ActivityItem } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import StateNote from '../kit/StateNote.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useGroup } from '../session/use-group.ts';

/** Who changed what in the group, newest first. */
const words = useWords();
const { groupId, group, isKeeper } = useGroup();
const pages = useInfiniteQuery({
  queryKey: computed(() => ['group', groupId.value, 'activity']),
  queryFn: ({ pageParam }) =>
    call(ROUTES.activity, { params: { groupId: groupId.value! }, query: { before: pageParam } }),
  initialPageParam: undefined as string | undefined,
  getNextPageParam: (page) => page.next ?? undefined,
  enabled: computed(() => groupId.value !== null && isKeeper.value),
});
const items = computed<ActivityItem[]>(() => pages.data.value?.pages.flatMap((p) => [...p.items]) ?? []);
const columns = computed((): readonly DataColumn<ActivityItem>[] => {
  const { t, format } = words.value;
  return [
    { key: 'at', title: t('activity.when'), text: (a) => format.instant(a.at, group.value?.zone ?? 'UTC') },
    { key: 'by', title: t('activity.who'), text: (a) => a.by },
    { key: 'what', title: t('activity.what') },
  ];
});
</script>

<template>
  <section class="section">
    <h2>{{ words.t('activity.title') }}</h2>
    <StateNote
      v-if="pages.isLoadingError.value"
      state="failed"
      :text="pages.error.value?.message"
      @retry="pages.refetch()" />
    <StateNote v-else-if="!pages.data.value" state="loading" />
    <StateNote v-else-if="!items.length" state="empty" :title="words.t('activity.none')" />
    <template v-else>
      <DataTable :columns="columns" :rows="items" :row-key="(a) => a.id" :label="words.t('activity.title')">
        <template #what="{ row }">
          {{ words.t(`activity.did.${row.kind}`) }} <b v-if="row.about">{{ row.about }}</b>
        </template>
      </DataTable>
      <Button
        v-if="pages.hasNextPage.value"
        class="older"
        :loading="pages.isFetchingNextPage.value"
        @click="pages.fetchNextPage()">
        {{ words.t('stand.older') }}
      </Button>
    </template>
  </section>
</template>

<style scoped>
.older {
  margin-top: 12px;
}
</style>
