<script setup lang="ts" generic="T extends { readonly key: string }">
import { computed, nextTick, ref, type ComponentPublicInstance } from 'vue';
import { useEventListener } from '@vueuse/core';
import { useWindowVirtualizer } from '@tanstack/vue-virtual';

/** Rows below each other in the page, of which only those in sight are drawn; on paper all of them are. */
const props = defineProps<{ items: readonly T[]; estimate: (item: T) => number }>();
const list = ref<HTMLElement | null>(null);
const virtual = useWindowVirtualizer(
  computed(() => ({
    count: props.items.length,
    estimateSize: (i: number) => props.estimate(props.items[i]!),
    getItemKey: (i: number) => props.items[i]!.key,
    overscan: 12,
    scrollMargin: list.value?.offsetTop ?? 0,
  })),
);
const margin = computed(() => virtual.value.options.scrollMargin);
const measure = (element: Element | ComponentPublicInstance | null): void => {
  if (element instanceof Element) virtual.value.measureElement(element);
};
const MOST_PRINTED = 2_000;
const printing = ref(false);
useEventListener('beforeprint', () => (printing.value = true));
useEventListener('afterprint', () => (printing.value = false));
defineExpose({
  /** Draws all rows, for a print that is about to be made. */
  drawAll: async () => {
    printing.value = true;
    await nextTick();
  },
  show: (index: number) => virtual.value.scrollToIndex(index, { align: 'auto' }),
});
</script>

<template>
  <div ref="list">
    <template v-if="printing">
      <slot v-for="item in items.slice(0, MOST_PRINTED)" :key="item.key" :item="item" />
    </template>
    <div v-else class="rows" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="v in virtual.getVirtualItems()"
        :key="String(v.key)"
        :ref="measure"
        :data-index="v.index"
        class="row"
        :style="{ transform: `translateY(${v.start - margin}px)` }">
        <slot :item="items[v.index]!" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.rows {
  position: relative;
}
.row {
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
}
</style>
