<script setup lang="ts">
import { ClockCircleOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { RouteLocationRaw } from 'vue-router';
import type { Duty } from '@emberfield/contract';
import CoalMark from '../kit/CoalMark.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import type { DutyRow } from './sections.ts';

const props = defineProps<{ row: DutyRow; day: string }>();
const emit = defineEmits<{ later: [] }>();
const words = useWords();
const { dayQuery } = useDay();
const { mayPick } = useGroup();
const said = computed(() => words.value.duty(props.row.duty, props.day));
const ABOUT_IDENTITY: readonly Duty['kind'][] = [
  'settleIdentity',
  'awaited',
  'secondPerson',
  'searchLookAlike',
  'settleFind',
];
const thorny = computed(() => ABOUT_IDENTITY.includes(props.row.duty.kind));
/** Where a duty is done; all else at the stand. */
const DONE_AT: Readonly<Partial<Record<Duty['kind'], string>>> = {
  settleIdentity: 'identifyStand',
  awaited: 'identifyStand',
  secondPerson: 'identifyStand',
  searchLookAlike: 'visit',
  checkPlanting: 'putBack',
};
const target = computed((): RouteLocationRaw => {
  const { duty, stand } = props.row;
  if (duty.kind === 'settleFind')
    return { name: 'prospects', params: { patchId: duty.patchId }, query: { plants: duty.plantKeys.join(',') } };
  const name = (mayPick.value && DONE_AT[duty.kind]) || 'stand';
  return { name, params: { standId: stand!.id }, query: dayQuery.value };
});
const what = computed(() => {
  const { duty, stand } = props.row;
  return duty.kind === 'settleFind' ? duty.patchName : words.value.text(stand!.plantName);
});
const where = computed(() => {
  const { stand } = props.row;
  return stand ? [stand.patchName, stand.where].filter(Boolean).join(', ') : '';
});
const cold = { state: 'cold', daysToOpen: null } as const;
</script>

<template>
  <div class="duty">
    <RouterLink class="line" :to="target">
      <CoalMark v-if="thorny" :readiness="cold" thorns :size="36" :label="words.t('coal.thorns')" /><span v-else />
      <span
        ><b>{{ what }}</b
        ><small>{{ where }}</small></span
      >
      <span>{{ said.what }}</span>
      <span class="why">{{ said.why }}</span>
    </RouterLink>
    <Button
      class="no-print"
      type="text"
      :aria-label="`${words.t('hearth.dutyLater')}: ${what}, ${said.what}`"
      :title="words.t('hearth.dutyLater')"
      @click="emit('later')"
      ><template #icon><ClockCircleOutlined aria-hidden="true" /></template
    ></Button>
  </div>
</template>

<style scoped>
.duty {
  display: flex;
  align-items: center;
  border-top: 1px solid var(--hair);
}
.line {
  display: grid;
  grid-template-columns: 40px minmax(0, 1.1fr) minmax(120px, 0.9fr) minmax(0, 1.15fr);
  gap: 0 12px;
  align-items: center;
  flex: 1;
  min-height: 46px;
  padding: 3px 0;
  color: inherit;
  text-decoration: none;
  line-height: 1.3;
}
.line:hover {
  background: color-mix(in srgb, var(--sheet) 60%, transparent);
}
b {
  font-weight: 640;
}
small,
.why {
  color: var(--soft);
  font-size: 13px;
  line-height: 1.25;
}
small {
  display: block;
}
@media (max-width: 900px) {
  .line {
    grid-template-columns: 44px minmax(0, 1fr);
    padding-block: 10px;
  }
  .line > :nth-child(n + 3) {
    grid-column: 2;
  }
}
</style>
