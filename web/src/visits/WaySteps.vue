<script setup lang="ts">
import { Segmented } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useWords } from '../session/words.ts';
import { useWayOn, WAY, type Step } from './use-way-on.ts';

/** Where on the way through a stand one is; each step can be gone to, and be left out. */
const props = defineProps<{ step: Step }>();
const words = useWords();
const router = useRouter();
const { onWay, to, on } = useWayOn(props.step);
const steps = computed(() =>
  WAY.map((value, i) => ({ value, label: `${i + 1} ${words.value.t(`field.step.${value}`)}` })),
);
</script>

<template>
  <nav v-if="onWay" class="way" :aria-label="words.t('field.steps')">
    <Segmented
      block
      :value="step"
      :options="steps"
      role="group"
      :aria-label="words.t('field.steps')"
      @change="router.replace(to($event as Step))" />
    <RouterLink class="skip" :to="on" replace>{{ words.t('field.leaveOut') }}</RouterLink>
  </nav>
</template>

<style scoped>
.way {
  display: grid;
  border-bottom: 1px solid var(--hair);
}
/* On the narrowest phone, and with writing set wide, a step takes two lines. */
.way :deep(.ant-segmented-item) {
  min-width: 0;
}
.way :deep(.ant-segmented-item-label) {
  display: grid;
  place-content: center;
  min-height: 48px;
  padding: 0 4px;
  line-height: 1.2;
  white-space: normal;
  overflow-wrap: anywhere;
}
.skip {
  justify-self: end;
  padding: 14px 0;
  font-size: 16px;
}
</style>
