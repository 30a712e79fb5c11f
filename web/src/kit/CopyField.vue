<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { useClipboard } from '@vueuse/core';
import { useWords } from '../session/words.ts';

/** An address to be taken elsewhere: by the button, or by hand where a browser gives no page its clipboard. */
defineProps<{ text: string; label: string }>();
const words = useWords();
const { copy, copied, isSupported } = useClipboard({ copiedDuring: 4_000 });
const all = (event: Event): void => (event.target as HTMLInputElement).select();
</script>

<template>
  <div class="copy">
    <Input :value="text" readonly :aria-label="label" @focus="all" />
    <Button v-if="isSupported" @click="copy(text).catch(() => undefined)">{{
      words.t(copied ? 'group.copied' : 'group.copy')
    }}</Button>
  </div>
</template>

<style scoped>
.copy {
  display: flex;
  gap: 8px;
  max-width: 640px;
  margin: 6px 0;
}
</style>
