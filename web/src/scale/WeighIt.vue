<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { scalePlayer } from './scale-player.ts';
import { ownScale } from './scale.ts';
import { useScale } from './use-scale.ts';

/** A weight from a scale instead of by typing; where no scale can be reached there is nothing to see. */
const emit = defineEmits<{ weighed: [massG: number] }>();
const words = useWords();
const { group } = useGroup();
/** Of the demo: there a stand-in can be loaded by hand. */
const player = computed(() => (group.value?.dayIsSet ? scalePlayer() : null));
const source = computed(() => player.value?.source ?? ownScale);
const { running, netG, still, lost, start, tare, stop } = useScale(() => source.value);
const onIt = ref<number | null>(null);
function put(massG: number | null | undefined): void {
  onIt.value = massG ?? null;
  if (Number.isFinite(onIt.value ?? 0)) player.value?.put(onIt.value ?? 0);
}
function take(): void {
  emit('weighed', Math.round(netG.value! * 10) / 10);
  stop();
}
</script>

<template>
  <div v-if="source" class="weigh">
    <template v-if="running">
      <p class="reading" aria-live="polite">
        <b>{{ netG === null ? '–' : words.format.mass(netG) }}</b>
        <span class="soft">{{
          words.t(netG === null ? 'scale.waiting' : still ? 'scale.still' : 'scale.settling')
        }}</span>
      </p>
      <div class="acts">
        <Button type="primary" :disabled="!still || netG === null || netG <= 0" @click="take">{{
          words.t('scale.take')
        }}</Button>
        <Button :disabled="netG === null" @click="tare">{{ words.t('scale.tare') }}</Button>
        <Button type="text" @click="stop">{{ words.t('scale.stop') }}</Button>
      </div>
      <label v-if="player" class="soft small"
        >{{ words.t('scale.standIn') }}
        <NumberField :model-value="onIt" unit="g" :label="words.t('scale.standIn')" @update:model-value="put"
      /></label>
    </template>
    <Button v-else @click="start">{{ words.t('scale.begin') }}</Button>
    <p v-if="lost !== null" class="warn small" role="alert">{{ words.t('scale.lost', { why: lost }) }}</p>
  </div>
</template>

<style scoped>
.weigh {
  display: grid;
  gap: 8px;
}
.reading {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
.reading b {
  font: 560 40px/1 var(--serif);
  font-variant-numeric: tabular-nums;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
