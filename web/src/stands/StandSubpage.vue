<script setup lang="ts">
import type { StandView } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';
import type { useStandSubpage } from './use-stand-subpage.ts';

/** A view that a stand opens: its title with the way back to the stand, once everything of it is there. */
defineProps<{ title: string; of: Pick<ReturnType<typeof useStandSubpage>, 'stand' | 'kit'>; ready: boolean }>();
defineSlots<{ default: (props: { stand: StandView }) => unknown; about?: () => unknown }>();
const words = useWords();
</script>

<template>
  <StateNote
    v-if="of.kit.isLoadingError.value"
    state="failed"
    :text="of.kit.error.value?.message"
    @retry="of.kit.refetch()" />
  <StateNote
    v-else-if="of.stand.isLoadingError.value"
    state="failed"
    :text="of.stand.error.value?.message"
    @retry="of.stand.refetch()" />
  <StateNote v-else-if="!ready || !of.stand.data.value" state="loading" />
  <div v-else class="page">
    <header>
      <h1>{{ title }}</h1>
      <p class="soft">
        <RouterLink :to="{ name: 'stand', params: { standId: of.stand.data.value.id } }"
          >{{ words.text(of.stand.data.value.plantName) }} · {{ of.stand.data.value.patchName }}</RouterLink
        >
        <slot name="about" />
      </p>
    </header>
    <slot :stand="of.stand.data.value" />
  </div>
</template>
