<script setup lang="ts">
import { Button, Progress } from 'ant-design-vue';
import { ref } from 'vue';
import type { PermitView } from '@emberfield/contract';
import { useKept } from '../form/use-kept.ts';
import SidePanel from '../kit/SidePanel.vue';
import { usePatches, usePermits } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import PermitForm from './PermitForm.vue';
import { sayPermitLeft } from './permit-lines.ts';
import { usePermitChanges } from './use-permits.ts';

/** Amounts that stands share: what is left of each, and for how long. */
const words = useWords();
const { today } = useDay();
const { groupId, isKeeper } = useGroup();
const permits = usePermits(groupId);
const patches = usePatches(groupId);
const open = ref(false);
const edited = ref<PermitView | null>(null);
function begin(permit: PermitView | null): void {
  edited.value = permit;
  open.value = true;
}
const placesOf = ({ terms: { patchIds }, stands }: PermitView): string => {
  const names = patchIds?.flatMap((id) => patches.data.value?.find((p) => p.id === id)?.name ?? []);
  const count = words.value.t(stands === 0 ? 'permit.noStands' : 'permit.stands', { n: stands });
  return `${names ? words.value.format.list(names) : words.value.t('permit.allPlaces')} (${count})`;
};
const nameOf = ({ terms }: PermitView): string => terms.name || words.value.t('permit.hidden');
const state = ({ terms: { from, until } }: PermitView): string => {
  const key = today.value < from ? 'coming' : today.value > until ? 'ended' : 'now';
  return words.value.t(`permit.state.${key}`, { day: words.value.format.dayAndYear(key === 'coming' ? from : until) });
};
const used = ({ spent, terms: { amount } }: PermitView): number => Math.min(100, (100 * (spent ?? amount)) / amount);
const kept = useKept(usePermitChanges());
const end = (permit: PermitView): Promise<void> =>
  kept.takeOff(permit, words.value.t('permit.removed', { name: permit.terms.name }));
</script>

<template>
  <section class="section">
    <h2>{{ words.t('permit.title') }}</h2>
    <p class="soft">{{ words.t('permit.lead') }}</p>
    <p v-if="permits.data.value?.length === 0" class="soft">{{ words.t('permit.none') }}</p>
    <article v-for="p in permits.data.value" :key="p.id" class="permit">
      <h3>{{ nameOf(p) }}</h3>
      <p>
        {{ words.text(p.plantName) }}, {{ words.text(p.partName) }}: <b>{{ sayPermitLeft(p, words) }}</b>,
        {{ state(p) }}
      </p>
      <Progress
        :percent="used(p)"
        :show-info="false"
        size="small"
        :status="p.spent === null || p.spent > p.terms.amount ? 'exception' : 'normal'"
        :aria-label="words.t('permit.used', { name: nameOf(p) })" />
      <p class="soft small">{{ placesOf(p) }}</p>
      <p v-if="p.terms.note" class="soft small">{{ p.terms.note }}</p>
      <p v-if="isKeeper">
        <Button @click="begin(p)">{{ words.t('permit.edit') }}</Button>
        <Button type="text" @click="end(p)">{{ words.t('permit.remove') }}</Button>
      </p>
    </article>
    <Button v-if="isKeeper" @click="begin(null)">{{ words.t('permit.add') }}</Button>
    <SidePanel v-model:open="open" :title="words.t(edited ? 'permit.edit' : 'permit.add')">
      <PermitForm v-if="open" :key="edited?.id ?? ''" :permit="edited" @stored="open = false" />
    </SidePanel>
  </section>
</template>

<style scoped>
.permit {
  margin-bottom: 16px;
  overflow-wrap: anywhere;
}
</style>
