<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, onMounted, onUnmounted, ref } from 'vue';
import type { AllowanceView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

/** The moment that says no: the whole screen, why, and what next. Reality is never refused: a held press logs it with a reason. */
const props = defineProps<{ place: string; allowance: AllowanceView }>();
const emit = defineEmits<{ more: [reason: string]; finish: [] }>();
const words = useWords();
const none = computed(() => props.allowance.kind === 'none');
const asking = ref(false);
const HOLD_MS = 900;
const REASONS = ['picked', 'counted', 'shared', 'other'] as const;
let timer: ReturnType<typeof setTimeout> | undefined;
const pressing = ref(false);
function press(): void {
  pressing.value = true;
  timer = setTimeout(() => (asking.value = true), HOLD_MS);
}
function release(): void {
  pressing.value = false;
  clearTimeout(timer);
}
/** Felt through a glove by whoever looks at the plant and not at the screen. Not every device can. */
const STOP_MS = [220, 90, 220];
onMounted(() => navigator.vibrate?.(STOP_MS));
onUnmounted(() => clearTimeout(timer));
</script>

<template>
  <section class="over" role="alertdialog" :aria-label="words.t(none ? 'take.noneTitle' : 'take.allTitle')">
    <p>{{ place }}</p>
    <h1>{{ words.t(none ? 'take.noneTitle' : 'take.allTitle') }}</h1>
    <p class="why">
      {{
        none
          ? words.t('take.noneText', { what: words.heldBy(allowance) })
          : words.t('take.allText', {
              taken: words.format.number(allowance.takenAmount + (allowance.amountLeft ?? 0), 1),
              amount: words.amount(allowance.amount ?? 0, allowance.unit),
              what: words.heldBy(allowance),
            })
      }}
      {{ words.aside(allowance) }}
    </p>
    <div class="acts">
      <template v-if="asking"
        ><h2>{{ words.t('take.reasonTitle') }}</h2>
        <Button v-for="r in REASONS" :key="r" ghost @click="emit('more', words.t(`take.reasons.${r}`))">
          {{ words.t(`take.reasons.${r}`) }}
        </Button></template
      >
      <template v-else>
        <Button class="light" @click="emit('finish')">{{ words.t('take.goBack') }}</Button>
        <Button
          ghost
          :class="{ pressing }"
          @pointerdown="press"
          @pointerup="release"
          @pointerleave="release"
          @keydown.enter.prevent="asking = true"
          @keydown.space.prevent="asking = true">
          {{ words.t(none ? 'take.moreLog' : 'take.more') }}
        </Button>
      </template>
    </div>
  </section>
</template>

<style scoped>
.over {
  position: fixed;
  inset: 0;
  z-index: 30;
  background: #a53c16;
  color: #fff;
  padding: 26px max(22px, calc(50vw - 260px)) 30px;
  display: flex;
  flex-direction: column;
  font-size: 18px;
  overflow: auto;
}
h1 {
  font-size: 52px;
  line-height: 1.05;
  margin: 8vh 0 16px;
}
.why {
  font-size: 21px;
  line-height: 1.4;
}
.acts {
  margin-top: auto;
  display: grid;
  gap: 12px;
}
h2 {
  font-size: 22px;
}
.acts :deep(.ant-btn) {
  height: 62px;
  border: 2px solid #fff;
  color: #fff;
  font-size: 19px;
  touch-action: none;
  user-select: none;
}
.acts .light.ant-btn {
  background: #fffdf8;
  color: #2b2622;
  border-color: #fffdf8;
}
.acts .pressing.ant-btn {
  background: #ffffff2e;
}
</style>
