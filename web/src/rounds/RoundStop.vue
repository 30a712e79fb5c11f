<script setup lang="ts">
import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CloseOutlined,
  HolderOutlined,
  LockOutlined,
  UnlockOutlined,
} from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Visit } from '@emberfield/core/rounds';
import CoalMark from '../kit/CoalMark.vue';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './places.ts';
import { clockOf } from '../platform/clock.ts';
import { sayCost } from './say-cost.ts';
import type { LineCost } from './stop-cost.ts';

/** A place on the round: when one is there, how far it is, and what there is to take. */
const props = defineProps<{
  place: PlaceToVisit;
  visit: Visit;
  leftAt: number;
  /** Of its lines, in their order. */
  costs: readonly LineCost[];
  day: string;
  dayQuery: Readonly<Record<string, string>>;
  locked: boolean;
  first: boolean;
  last: boolean;
}>();
defineEmits<{ move: [by: -1 | 1]; lock: []; drop: [] }>();
const words = useWords();
const lines = computed(() =>
  props.place.lines.map((line, i) => ({ ...line, cost: sayCost(words.value, props.costs[i]!) })),
);
const says = (key: string): string => words.value.t(`round.${key}`, { place: props.place.patch.name });
</script>

<template>
  <li>
    <span class="when"
      ><b>{{ clockOf(visit.begins) }}</b
      >–{{ clockOf(visit.ends)
      }}<small>{{ words.t('round.walk', { n: Math.round(visit.arrives - leftAt) }) }}</small></span
    >
    <div class="what">
      <h3>
        <RouterLink :to="{ name: 'patch', params: { patchId: place.patch.id }, query: dayQuery }">{{
          place.patch.name
        }}</RouterLink>
      </h3>
      <p v-if="visit.shut" class="warn">{{ words.t('round.shut') }}</p>
      <p v-if="place.patch.blurred" class="soft small">{{ words.t('round.blurred') }}</p>
      <p v-for="l in lines" :key="l.outlook.standId + l.outlook.part + l.outlook.use" class="line">
        <CoalMark
          :readiness="l.outlook.readiness"
          :thorns="l.outlook.thorns"
          :size="24"
          :label="words.coal(l.outlook.readiness, l.outlook.thorns)" />
        <span
          ><RouterLink :to="{ name: 'stand', params: { standId: l.stand.id }, query: dayQuery }"
            >{{ words.text(l.stand.plantName) }} · {{ words.text(l.outlook.partName) }}</RouterLink
          >
          <span class="soft">
            {{ words.allowanceShort(l.outlook.allowance) }}, {{ words.windowShort(l.outlook, day) }}</span
          ><small>{{ l.cost }}</small></span
        >
      </p>
    </div>
    <span class="acts no-print">
      <span class="grip" :title="words.t('round.drag')"><HolderOutlined aria-hidden="true" /></span>
      <Button
        type="text"
        :aria-label="says('earlier')"
        :title="says('earlier')"
        :disabled="first"
        @click="$emit('move', -1)"
        ><template #icon><ArrowUpOutlined aria-hidden="true" /></template
      ></Button>
      <Button type="text" :aria-label="says('later')" :title="says('later')" :disabled="last" @click="$emit('move', 1)"
        ><template #icon><ArrowDownOutlined aria-hidden="true" /></template
      ></Button>
      <Button type="text" :aria-label="says('keep')" :title="says('keep')" :aria-pressed="locked" @click="$emit('lock')"
        ><template #icon
          ><LockOutlined v-if="locked" aria-hidden="true" /><UnlockOutlined v-else aria-hidden="true" /></template
      ></Button>
      <Button type="text" :aria-label="says('leaveOut')" :title="says('leaveOut')" @click="$emit('drop')"
        ><template #icon><CloseOutlined aria-hidden="true" /></template
      ></Button>
    </span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr) auto;
  gap: 4px 14px;
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
.when {
  font-variant-numeric: tabular-nums;
}
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
h3 {
  margin: 0;
  font-size: 17px;
}
p {
  margin: 2px 0;
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
.acts {
  display: flex;
  align-items: start;
}
.grip {
  display: grid;
  place-content: center;
  min-width: 44px;
  min-height: 44px;
  cursor: grab;
  touch-action: none;
}
.acts :deep(.ant-btn) {
  min-width: 44px;
  min-height: 44px;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 1fr auto;
  }
  .what {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
