<script setup lang="ts">
import { Alert, Button, RadioButton, RadioGroup } from 'ant-design-vue';
import { useWords } from '../session/words.ts';

/** Somebody else saved meanwhile: both versions side by side, one press settles each field. */
interface Difference {
  readonly key: string;
  readonly label: string;
  readonly mine: string;
  readonly theirs: string;
}
defineProps<{ differences: readonly Difference[]; picked: Readonly<Record<string, 'mine' | 'theirs'>> }>();
const emit = defineEmits<{ pick: [key: string, which: 'mine' | 'theirs']; settle: [] }>();
const words = useWords();
</script>

<template>
  <Alert type="warning" role="alert" class="two">
    <template #message>{{ words.t('stale.title') }}</template>
    <template #description>
      <p v-if="!differences.length">{{ words.t('stale.same') }}</p>
      <div v-for="d in differences" :key="d.key" class="one">
        <b>{{ d.label }}</b>
        <RadioGroup :value="picked[d.key] ?? 'mine'" @update:value="emit('pick', d.key, $event as 'mine' | 'theirs')">
          <RadioButton value="mine">{{ words.t('stale.mine') }}: {{ d.mine || '–' }}</RadioButton>
          <RadioButton value="theirs">{{ words.t('stale.theirs') }}: {{ d.theirs || '–' }}</RadioButton>
        </RadioGroup>
      </div>
      <Button type="primary" @click="emit('settle')">{{ words.t('stale.settle') }}</Button>
    </template>
  </Alert>
</template>

<style scoped>
.two {
  margin: 10px 0;
}
.one {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  margin-bottom: 8px;
}
.one b {
  min-width: 130px;
}
</style>
