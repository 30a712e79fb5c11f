<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, shallowRef } from 'vue';
import FileButton from '../kit/FileButton.vue';
import { saveText } from '../platform/save-text.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import type { Waiting } from './outbox.ts';
import { contentsOf, LARGEST_OUTBOX_FILE_BYTES, OutboxFileError, readOutbox, writeOutbox } from './outbox-file.ts';
import { useOutbox } from './use-outbox.ts';

/** What waits on this device, saved as a file and read back in: on another device, or after this one was mended. */
const words = useWords();
const undo = useUndo();
const outbox = useOutbox();
const problem = ref('');
/** Read, and shown before any of it is taken in: somebody else may have made the file. */
const found = shallowRef<readonly Waiting[] | null>(null);
const contents = computed(() =>
  words.value.format.list(
    contentsOf(found.value ?? []).map(({ what, n }) => words.value.t(`outbox.file.holds.${what}`, { n })),
  ),
);
const all = computed(() => [...outbox.refused, ...outbox.waiting]);
async function save(): Promise<void> {
  const day = new Date().toISOString().slice(0, 10);
  saveText(`emberfield-waiting-${day}.json`, await writeOutbox(outbox.account ?? '', all.value), 'application/json');
}
async function bringIn(file: File): Promise<void> {
  problem.value = '';
  found.value = null;
  try {
    if (file.size > LARGEST_OUTBOX_FILE_BYTES) throw new OutboxFileError('notThis');
    found.value = readOutbox(await file.text(), outbox.account ?? '');
  } catch (error) {
    problem.value =
      error instanceof OutboxFileError ? words.value.t(`outbox.file.${error.why}`) : (error as Error).message;
  }
}
async function takeIn(): Promise<void> {
  const n = await outbox.takeIn(found.value ?? []);
  found.value = null;
  undo.say(words.value.t('outbox.file.read', { n }));
}
</script>

<template>
  <div class="file-row">
    <Button :disabled="!all.length" @click="save">{{ words.t('outbox.file.save') }}</Button>
    <FileButton accept="application/json,.json" @file="bringIn">{{ words.t('outbox.file.bringIn') }}</FileButton>
    <p v-if="found">
      {{ words.t('outbox.file.contents', { contents }) }}
      <Button type="primary" @click="takeIn">{{ words.t('outbox.file.takeIn') }}</Button>
      <Button type="text" @click="found = null">{{ words.t('common.cancel') }}</Button>
    </p>
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
