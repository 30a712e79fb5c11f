<script setup lang="ts">
import { InputNumber } from 'ant-design-vue';

/** A number that may be empty: empty is `null`, never 0. */
defineProps<{ label?: string; min?: number; max?: number; whole?: boolean; size?: 'small' | 'middle' | 'large' }>();
const value = defineModel<number | null | undefined>({ required: true });
</script>

<template>
  <InputNumber
    :value="value ?? undefined"
    :min="min"
    :max="max"
    :precision="whole ? 0 : undefined"
    :size="size ?? 'middle'"
    :inputmode="whole ? 'numeric' : 'decimal'"
    :aria-label="label"
    @update:value="value = typeof $event === 'number' ? $event : null" />
</template>
