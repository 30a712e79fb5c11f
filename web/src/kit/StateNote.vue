<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useWords } from '../session/words.ts';

/** Loading, failed or empty: said calmly, with what to do. */
defineProps<{ state: 'loading' | 'failed' | 'empty'; title?: string; text?: string }>();
defineEmits<{ retry: [] }>();
const words = useWords();
</script>

<template>
  <div class="note" :role="state === 'failed' ? 'alert' : 'status'">
    <svg v-if="state === 'empty'" width="60" height="60" viewBox="-2 -2 36 36" aria-hidden="true">
      <path
        d="M1.5 27C7 25.5 9.5 11 16 10 22.5 11 25 25.5 30.5 27Z"
        fill="var(--ash)"
        stroke="var(--mark)"
        stroke-width="1.4" />
    </svg>
    <p v-if="state === 'loading'" class="soft">{{ words.t('common.loading') }}</p>
    <h2 v-else>{{ title ?? words.t('common.failed') }}</h2>
    <p v-if="text" class="soft">{{ text }}</p>
    <Button v-if="state === 'failed'" @click="$emit('retry')">
      {{ words.t('common.tryAgain') }}
    </Button>
    <slot />
  </div>
</template>

<style scoped>
.note {
  padding: 46px 24px;
  max-width: 560px;
  margin: 0 auto;
  text-align: center;
}
h2 {
  font-size: 22px;
  margin: 10px 0 6px;
}
p {
  margin-bottom: 16px;
}
</style>
