<script setup lang="ts">
import { Button, Popover } from 'ant-design-vue';
import { ref, useId } from 'vue';
import { useEscape } from './use-escape.ts';

/** A statement with a dotted line under it, that opens into its reasons. */
defineProps<{ reasons: readonly string[] }>();
const open = ref(false);
const id = useId();
useEscape(() => (open.value = false));
</script>

<template>
  <Popover v-model:open="open" trigger="click" placement="bottomLeft" overlay-class-name="reasons">
    <template #content>
      <ul :id="id" class="list">
        <li v-for="(r, i) in reasons" :key="i">{{ r }}</li>
      </ul>
    </template>
    <Button type="text" class="why" :aria-expanded="open" :aria-describedby="open ? id : undefined"><slot /></Button>
  </Popover>
</template>

<style scoped>
.why {
  display: inline;
  height: auto;
  padding: 0;
  border-width: 0;
  border-radius: 0;
  font: inherit;
  font-weight: inherit;
  color: inherit;
  text-align: left;
  white-space: normal;
  border-bottom: 1px dotted var(--soft);
}
.list {
  max-width: min(420px, 78vw);
  margin: 0;
  padding-left: 18px;
}
.list li {
  margin: 3px 0;
}
/* A thumb in a glove: the line is as tall as a finger, and stands where it stood. */
@media (max-width: 900px) {
  .why {
    min-height: 44px;
    padding-block: 20px 2px;
    margin-top: -16px;
  }
}
</style>
