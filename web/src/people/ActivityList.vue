<script setup lang="ts">
import { Button, Table } from 'ant-design-vue';
import { useInfiniteQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { ROUTES, type ActivityItem } from '@emberfield/contract';
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
const columns = computed(() => [
  { key: 'at', title: words.value.t('activity.when'), width: 190 },
  { key: 'by', title: words.value.t('activity.who'), width: 160 },
  { key: 'what', title: words.value.t('activity.what') },
]);
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
      <Table :columns="columns" :data-source="items" row-key="id" :pagination="false" size="small" :scroll="{ x: 480 }">
        <template #bodyCell="{ column, record }">
          <template v-if="column.key === 'at'">{{
            words.format.instant((record as ActivityItem).at, group?.zone ?? 'UTC')
          }}</template>
          <template v-else-if="column.key === 'by'">{{ (record as ActivityItem).by }}</template>
          <template v-else>
            {{ words.t(`activity.did.${(record as ActivityItem).kind}`) }}
            <b v-if="(record as ActivityItem).about">{{ (record as ActivityItem).about }}</b>
          </template>
        </template>
      </Table>
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
