<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Drawer } from 'ant-design-vue';
import { useWords } from '../session/words.ts';

/**
 * A panel over the edge of the screen: at the foot for the thumb, at the side at the desk. The library's own is no dialog to a
 * screen reader, and its way out is called in English only.
 */
defineProps<{ title: string; side?: 'bottom' | 'right'; wide?: boolean }>();
const open = defineModel<boolean>('open', { required: true });
const words = useWords();
</script>

<template>
  <Drawer
    v-model:open="open"
    :placement="side ?? 'right'"
    height="auto"
    :width="wide ? 'min(760px, 100vw)' : 'min(420px, 100vw)'"
    :closable="false"
    :title="title">
    <template #extra>
      <Button type="text" :aria-label="words.t('common.close')" @click="open = false">
        <template #icon><CloseOutlined aria-hidden="true" /></template>
      </Button>
    </template>
    <div role="dialog" aria-modal="true" :aria-label="title"><slot /></div>
  </Drawer>
</template>
