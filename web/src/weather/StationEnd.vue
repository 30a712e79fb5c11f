<script setup lang="ts">
import { ROUTES, type StationView } from '@emberfield/contract';
import EndBox from '../kit/EndBox.vue';
import { useEnd } from '../kit/use-end.ts';
import { useGroup } from '../session/use-group.ts';

const props = defineProps<{ station: StationView }>();
const { groupId } = useGroup();
const end = useEnd(
  { retire: ROUTES.retireStation, remove: ROUTES.removeStation },
  () => ({ groupId: groupId.value!, stationId: props.station.id }),
  () => undefined,
);
</script>

<template>
  <EndBox
    :retired-on="station.retiredOn"
    may-retire
    :may-remove="station.dayCount === 0 && station.outlookDays === 0"
    :end="end" />
</template>
