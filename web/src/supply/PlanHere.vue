<script setup lang="ts">
import { useSeason } from './use-season.ts';

/** Makes the season's plan for a screen that only shows what it says of a stand. */
useSeason({ asksWhy: false });
</script>

<template><span hidden></span></template>
