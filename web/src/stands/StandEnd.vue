<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { ROUTES, type StandView } from '@emberfield/contract';
import EndBox from '../kit/EndBox.vue';
import { useEnd } from '../kit/use-end.ts';
import { useGroup } from '../session/use-group.ts';

/** The end of a stand. Of one that ended with its place the place says more. */
const props = defineProps<{ stand: StandView }>();
const router = useRouter();
const { groupId, isKeeper, mayPick } = useGroup();
const mayRemove = computed(() => mayPick.value && props.stand.entries.length === 0);
const end = useEnd(
  { retire: ROUTES.retireStand, remove: ROUTES.removeStand },
  () => ({ groupId: groupId.value!, standId: props.stand.id }),
  () => void router.push({ name: 'patch', params: { patchId: props.stand.patchId } }),
);
</script>

<template>
  <EndBox
    :retired-on="stand.retiredOn"
    :retired-why="stand.retiredWhy"
    :may-retire="isKeeper"
    :may-remove="mayRemove"
    :end="end" />
</template>
