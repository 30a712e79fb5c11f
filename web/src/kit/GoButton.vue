<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { RouteLocationRaw } from 'vue-router';

/** A way to another view that looks like what one presses: a link all the same, to be opened in a tab of its own. */
defineProps<{
  to: RouteLocationRaw;
  type?: 'primary' | 'default' | 'text' | 'link';
  size?: 'large' | 'middle' | 'small';
}>();
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="to" custom>
    <Button :href="href" :type="type ?? 'default'" :size="size ?? 'middle'" @click="navigate"><slot /></Button>
  </RouterLink>
</template>
