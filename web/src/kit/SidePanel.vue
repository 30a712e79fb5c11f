<script setup lang="ts">
import { Drawer } from 'ant-design-vue';

/** A panel over the edge of the screen: at the foot for the thumb, at the side at the desk. The library's own is no dialog to a screen reader. */
defineProps<{ title: string; side?: 'bottom' | 'right'; wide?: boolean }>();
const open = defineModel<boolean>('open', { required: true });
</script>

<template>
  <Drawer
    v-model:open="open"
    :placement="side ?? 'right'"
    height="auto"
    :width="wide ? 'min(760px, 100vw)' : 'min(420px, 100vw)'"
    :title="title">
    <div role="dialog" aria-modal="true" :aria-label="title"><slot /></div>
  </Drawer>
</template>
