<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import FileButton from '../kit/FileButton.vue';
import { saveText } from '../platform/save-text.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { LARGEST_OUTBOX_FILE_BYTES, OutboxFileError, readOutbox, writeOutbox } from './outbox-file.ts';
import { useOutbox } from './use-outbox.ts';

/** What waits on this device, saved as a file and read back in: on another device, or after this one was mended. */
const words = useWords();
const undo = useUndo();
const outbox = useOutbox();
const problem = ref('');
const all = computed(() => [...outbox.refused, ...outbox.waiting]);
async function save(): Promise<void> {
  const day = new Date().toISOString().slice(0, 10);
  saveText(`emberfield-waiting-${day}.json`, await writeOutbox(outbox.account ?? '', all.value), 'application/json');
}
async function bringIn(file: File): Promise<void> {
  problem.value = '';
  try {
    if (file.size > LARGEST_OUTBOX_FILE_BYTES) throw new OutboxFileError('notThis');
    const n = await outbox.takeIn(readOutbox(await file.text(), outbox.account ?? ''));
    undo.say(words.value.t('outbox.file.read', { n }));
  } catch (error) {
    problem.value =
      error instanceof OutboxFileError ? words.value.t(`outbox.file.${error.why}`) : (error as Error).message;
  }
}
</script>

<template>
  <div class="file-row">
    <Button :disabled="!all.length" @click="save">{{ words.t('outbox.file.save') }}</Button>
    <FileButton accept="application/json,.json" @file="bringIn">{{ words.t('outbox.file.bringIn') }}</FileButton>
    <p v-if="problem" class="warn" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.file-row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
p {
  flex: 1 0 100%;
  margin: 0;
}
</style>
