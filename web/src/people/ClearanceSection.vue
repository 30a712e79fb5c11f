<script setup lang="ts">
import { computed, ref } from 'vue';
import { CLEARANCES, ROUTES, type Clearance } from '@emberfield/contract';
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
  [...new Set((plants.data.value ?? []).map((p) => p.family))].sort().map((f) => ({ value: f, label: f })),
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
</script>

<template>
  <section class="section">
    <h2>{{ words.t('clearance.title') }}</h2>
    <p class="soft">{{ words.t('clearance.lead') }}</p>
    <table v-if="clearances.data.value?.length" class="plain">
      <tbody>
        <tr v-for="c in clearances.data.value" :key="c.accountId + c.family">
          <td>
            <b>{{ nameOf(c.accountId) }}</b>
          </td>
          <td>{{ c.family }}</td>
          <td :class="{ warn: c.clearance === 'closed' }">{{ words.t(`clearance.${c.clearance}`) }}</td>
          <td class="soft">
            {{
              words.t(c.how === 'member' ? 'clearance.byMember' : 'clearance.byPractice', {
                by: c.by,
                day: words.format.dayAndYear(c.since),
              })
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <template v-if="mayPick">
      <label class="field" for="clearance-family">{{ words.t('clearance.family') }}</label>
      <PickOne
        id="clearance-family"
        v-model="family"
        :options="families"
        :label="words.t('clearance.family')"
        placeholder="…" />
      <table v-if="family" class="plain">
        <tbody>
          <tr v-for="m in members.data.value ?? []" :key="m.accountId">
            <td>
              <b>{{ m.name }}</b>
            </td>
            <td>
              <PickOne
                :model-value="said(m.accountId, family)?.clearance ?? 'none'"
                :label="`${family}: ${m.name}`"
                :disabled="set.isPending.value || (isMe(m.accountId) && !isKeeper)"
                :options="CLEARANCES.map((c) => ({ value: c, label: words.t(`clearance.${c}`) }))"
                @update:model-value="$event && set.mutate({ accountId: m.accountId, clearance: $event })" />
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="set.error.value" class="warn" role="alert">{{ set.error.value.message }}</p>
    </template>
  </section>
</template>

<style scoped>
table {
  margin: 8px 0;
}
select {
  width: auto;
}
</style>
