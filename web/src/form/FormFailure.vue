<script setup lang="ts">
import { Alert } from 'ant-design-vue';
import { ref, watch } from 'vue';

/** What went wrong with the whole of a form; it comes into sight by itself. */
const props = defineProps<{ said: string | undefined }>();
const box = ref<HTMLElement | null>(null);
watch(
  () => [props.said, box.value],
  () => props.said && box.value?.scrollIntoView({ block: 'nearest' }),
  { flush: 'post' },
);
</script>

<template>
  <div v-if="said" ref="box" class="failure"><Alert type="error" :message="said" role="alert" /></div>
</template>

<style scoped>
.failure {
  margin: 0 0 12px;
  scroll-margin-block: 130px;
}
</style>
