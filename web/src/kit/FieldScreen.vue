<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router';
import { useWords } from '../session/words.ts';

/** A form for wet hands: one column, the place on top with the way out, the way on in a foot that stays. */
defineProps<{ place: string; back: RouteLocationRaw }>();
const emit = defineEmits<{ submit: [] }>();
const words = useWords();
</script>

<template>
  <form class="field-screen" @submit.prevent="emit('submit')">
    <div class="bar">
      {{ place }}<RouterLink :to="back">{{ words.t('common.cancel') }}</RouterLink>
    </div>
    <div class="body"><slot /></div>
    <div class="foot"><slot name="foot" /></div>
  </form>
</template>

<style scoped>
.field-screen {
  max-width: 600px;
  margin: 0 auto;
  font-size: 18px;
  padding-bottom: 110px;
}
.bar {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  background: #2b2622;
  color: #f7f3ec;
  padding: 12px 18px;
  font-size: 15px;
  overflow-wrap: anywhere;
}
.bar a {
  color: #f0a03c;
  flex: none;
  margin: -12px -18px;
  padding: 12px 18px;
}
.body {
  padding: 14px 18px;
}
.foot {
  position: fixed;
  inset: auto 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 14px max(18px, calc(50vw - 282px)) 20px;
  background: var(--band);
  border-top: 1px solid var(--hair);
  z-index: 10;
}
.foot :deep(.failure) {
  flex: 1 0 100%;
  margin: 0;
}
.foot :deep(.ant-btn) {
  flex: 1;
  height: 56px;
  font-size: 19px;
}
</style>
