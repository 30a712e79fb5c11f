<script setup lang="ts">
import { Checkbox, Descriptions, DescriptionsItem, Modal } from 'ant-design-vue';
import { useEscape } from '../kit/use-escape.ts';
import { useWords } from '../session/words.ts';
import { KEYED_VIEWS, SHORTCUTS } from './shortcuts.ts';
import { singleKeys } from '../platform/keys.ts';

const emit = defineEmits<{ close: [] }>();
const words = useWords();
useEscape(() => emit('close'));
</script>

<template>
  <Modal open :footer="null" :title="words.t('keys.title')" :width="460" @cancel="emit('close')">
    <Descriptions :column="1" :colon="false" size="small">
      <DescriptionsItem v-for="s in SHORTCUTS" :key="s.key">
        <template #label
          ><kbd>{{ s.key }}</kbd></template
        >{{ words.t(`keys.${s.name}`) }}
      </DescriptionsItem>
      <DescriptionsItem>
        <template #label><kbd>x</kbd></template
        >{{ words.t('keys.mark') }}
      </DescriptionsItem>
      <DescriptionsItem>
        <template #label
          ><kbd>g</kbd> <kbd v-for="v in KEYED_VIEWS" :key="v.key">{{ v.key }}</kbd></template
        >{{ words.t('keys.go') }}
      </DescriptionsItem>
    </Descriptions>
    <Checkbox v-model:checked="singleKeys">{{ words.t('keys.single') }}</Checkbox>
  </Modal>
</template>
