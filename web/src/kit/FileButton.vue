<script setup lang="ts">
import { UploadOutlined } from '@ant-design/icons-vue';
import { Upload, UploadDragger } from 'ant-design-vue';

/** A file from the device, which goes to whoever asked for it. Nothing is sent from here. `area`: it can be dropped there as well. */
defineProps<{ accept: string; disabled?: boolean; camera?: boolean; plain?: boolean; area?: boolean }>();
const emit = defineEmits<{ file: [file: File] }>();
function chosen(file: File): false {
  emit('file', file);
  return false;
}
</script>

<template>
  <component
    :is="area ? UploadDragger : Upload"
    :accept="accept"
    :disabled="disabled"
    :show-upload-list="false"
    :before-upload="chosen"
    :capture="camera ? 'environment' : undefined">
    <p v-if="area" class="soft"><slot /></p>
    <span v-else class="file" :class="{ plain, disabled }"><UploadOutlined aria-hidden="true" /> <slot /></span>
  </component>
</template>

<style scoped>
.file {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 36px;
  padding: 0 15px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--sheet);
  font-weight: 600;
  cursor: pointer;
}
.file:hover {
  border-color: var(--char);
}
.plain {
  border-color: transparent;
  background: none;
  padding-inline: 6px;
  color: var(--ember-ink);
}
.disabled {
  border-style: dashed;
  color: var(--soft);
  cursor: default;
}
@media (max-width: 900px) {
  .file {
    min-height: 48px;
  }
}
</style>
