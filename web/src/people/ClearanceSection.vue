<script setup lang="ts">
import { computed, ref } from 'vue';
import { CLEARANCES, ROUTES, type Clearance } from '@emberfield/contract';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useChange, useClearances, useMembers, useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import PickOne from '../kit/PickOne.vue';

/** Who is cleared for which family of plants, and from whom one is kept. */
const words = useWords();
const session = useSession();
const { groupId, isKeeper, mayPick } = useGroup();
const members = useMembers(groupId);
const clearances = useClearances(groupId);
const plants = usePlants(groupId);
const family = ref<string | null>(null);
const families = computed(() =>
  [...new Set((plants.data.value ?? []).map((p) => p.family))]
    .map((f) => ({ value: f, label: words.value.family(f) }))
    .sort((a, b) => a.label.localeCompare(b.label)),
);
const set = useChange(({ accountId, clearance }: { accountId: string; clearance: Clearance }) =>
  call(ROUTES.setClearance, {
    params: { groupId: groupId.value!, accountId },
    body: { family: family.value!, clearance },
  }),
);
const said = (accountId: string, of: string) =>
  clearances.data.value?.find((c) => c.accountId === accountId && c.family === of);
const nameOf = (accountId: string): string => members.data.value?.find((m) => m.accountId === accountId)?.name ?? '';
const isMe = (accountId: string): boolean => accountId === session.data.value?.account?.id;
type Said = NonNullable<typeof clearances.data.value>[number];
const columns = computed((): readonly DataColumn<Said>[] => {
  const { t, format } = words.value;
  const since = ({ how, by, since: day }: Said): string =>
    t(how === 'member' ? 'clearance.byMember' : 'clearance.byPractice', { by, day: format.dayAndYear(day) });
  return [
    { key: 'who', title: t('activity.who'), text: (c) => nameOf(c.accountId), sort: (c) => nameOf(c.accountId) },
    {
      key: 'family',
      title: t('clearance.family'),
      text: (c) => words.value.family(c.family),
      sort: (c) => words.value.family(c.family),
    },
    { key: 'how', title: '' },
    { key: 'since', title: '', text: since, sort: (c) => c.since },
  ];
});
</script>

<template>
  <section class="section">
    <h2>{{ words.t('clearance.title') }}</h2>
    <p class="soft">{{ words.t('clearance.lead') }}</p>
    <DataTable
      v-if="clearances.data.value?.length"
      :columns="columns"
      :rows="clearances.data.value"
      :row-key="(c) => c.accountId + c.family"
      :label="words.t('clearance.title')">
      <template #how="{ row: c }"
        ><span :class="{ warn: c.clearance === 'closed' }">{{ words.t(`clearance.${c.clearance}`) }}</span></template
      >
    </DataTable>
    <template v-if="mayPick">
      <label class="field" for="clearance-family">{{ words.t('clearance.family') }}</label>
      <PickOne
        id="clearance-family"
        v-model="family"
        :options="families"
        :label="words.t('clearance.family')"
        class="family"
        :placeholder="words.t('clearance.choose')" />
      <DataTable
        v-if="family"
        bare
        :columns="[
          { key: 'name', title: '', text: (m) => m.name },
          { key: 'clearance', title: '' },
        ]"
        :rows="members.data.value ?? []"
        :row-key="(m) => m.accountId"
        :label="words.family(family)">
        <template #clearance="{ row: m }">
          <PickOne
            :model-value="said(m.accountId, family)?.clearance ?? 'none'"
            :label="`${words.family(family)}: ${m.name}`"
            :disabled="set.isPending.value || (isMe(m.accountId) && !isKeeper)"
            :options="CLEARANCES.map((c) => ({ value: c, label: words.t(`clearance.${c}`) }))"
            @update:model-value="$event && set.mutate({ accountId: m.accountId, clearance: $event })" />
        </template>
      </DataTable>
      <p v-if="set.error.value" class="warn" role="alert">{{ set.error.value.message }}</p>
    </template>
  </section>
</template>

<style scoped>
.family {
  width: min(100%, 340px);
}
table {
  margin: 8px 0;
}
select {
  width: auto;
}
</style>
