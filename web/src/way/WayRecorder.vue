<script setup lang="ts">
import { watch } from 'vue';
import { useHere } from '../platform/use-here.ts';
import { useWayLog } from './kept-way.ts';
import { noted } from './way-log.ts';

/** Notes the way as long as it is asked to, whichever page is open. */
const wayLog = useWayLog();
const { here } = useHere(() => wayLog.value.on);
watch(here, (position) => {
  if (position) wayLog.value = noted(wayLog.value, position);
});
</script>

<template>
  <span hidden />
</template>
