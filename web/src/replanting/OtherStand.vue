<script setup lang="ts">
import { computed, ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import { useHearth } from '../hearth/queries.ts';
import PickOne from '../kit/PickOne.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Another stand of the same plant. */
const props = defineProps<{ stand: StandView }>();
const model = defineModel<string | null>({ required: true });
const words = useWords();
const { groupId } = useGroup();
const hearth = useHearth(groupId, ref(undefined), ref(false));
const others = computed(() =>
  (hearth.data.value?.stands ?? [])
    .filter((s) => s.plantKey === props.stand.plantKey && s.id !== props.stand.id)
    .map((s) => ({ value: s.id, label: [s.patchName, s.where].filter(Boolean).join(', ') })),
);
</script>

<template>
  <PickOne v-model="model" :label="words.t('putBack.fromStand')" :options="others" />
</template>
