<script setup lang="ts">
import { Segmented } from 'ant-design-vue';
import { computed } from 'vue';
import { LIGHTS, wantedLight, type WantedLight } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Day, night, full sun, or as the device says. */
const words = useWords();
const options = computed(() => LIGHTS.map((value) => ({ value, label: words.value.t(`light.${value}`) })));
</script>

<template>
  <Segmented
    :value="wantedLight"
    :options="options"
    role="group"
    :aria-label="words.t('light.title')"
    @change="(v) => (wantedLight = v as WantedLight)" />
</template>
