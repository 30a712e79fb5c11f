<script setup lang="ts">
import { Checkbox, Modal } from 'ant-design-vue';
import { useEscape } from '../kit/use-escape.ts';
import { useWords } from '../session/words.ts';
import { SHORTCUTS, VIEWS } from './shortcuts.ts';
import { singleKeys } from '../platform/keys.ts';

const emit = defineEmits<{ close: [] }>();
const words = useWords();
useEscape(() => emit('close'));
</script>

<template>
  <Modal open :footer="null" :title="words.t('keys.title')" :width="460" @cancel="emit('close')">
    <table class="plain">
      <tbody>
        <tr v-for="s in SHORTCUTS" :key="s.key">
          <td>
            <kbd>{{ s.key }}</kbd>
          </td>
          <td>{{ words.t(`keys.${s.name}`) }}</td>
        </tr>
        <tr>
          <td>
            <kbd>g</kbd> <kbd v-for="v in VIEWS" :key="v.key">{{ v.key }}</kbd>
          </td>
          <td>{{ words.t('keys.go') }}</td>
        </tr>
      </tbody>
    </table>
    <Checkbox v-model:checked="singleKeys">{{ words.t('keys.single') }}</Checkbox>
  </Modal>
</template>
