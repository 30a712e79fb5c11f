<script setup lang="ts">
import { RightOutlined } from '@ant-design/icons-vue';
import { Collapse, CollapsePanel } from 'ant-design-vue';
import { ref } from 'vue';

/** What is folded up under its heading until somebody wants it. */
const props = defineProps<{ title: string; open?: boolean }>();
const unfolded = ref<string[]>(props.open ? ['fold'] : []);
</script>

<template>
  <Collapse ghost v-model:active-key="unfolded">
    <!-- The library's own arrow says its English name to whoever hears the page. -->
    <template #expandIcon><RightOutlined :rotate="unfolded.length ? 90 : 0" aria-hidden="true" /></template>
    <CollapsePanel key="fold" :header="title"><slot /></CollapsePanel>
  </Collapse>
</template>
