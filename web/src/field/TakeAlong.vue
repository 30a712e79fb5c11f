<script setup lang="ts">
import { Button, Progress } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import GoButton from '../kit/GoButton.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { Wanted } from './taken-round.ts';
import { useTakeAlong, useTakenRound } from './use-taken-round.ts';

/** Takes a round along by one press, with how much and how old it is; of another day it says of which. */
const props = defineProps<{ wanted: Wanted }>();
const words = useWords();
const router = useRouter();
const { group } = useGroup();
const { round } = useTakenRound();
const { share, problem, take, stop } = useTakeAlong();
const when = computed(() =>
  words.value.format.instant(new Date(round.value?.takenAt ?? 0).toISOString(), group.value?.zone ?? 'UTC'),
);
async function go(): Promise<void> {
  if (await take(props.wanted)) await router.push({ name: 'field' });
}
const PERCENT = 100;
</script>

<template>
  <div class="along no-print">
    <template v-if="share !== null">
      <Progress :percent="Math.round(PERCENT * share)" :aria-label="words.t('field.taking')" />
      <Button @click="stop">{{ words.t('field.stop') }}</Button>
    </template>
    <template v-else>
      <Button type="primary" size="large" @click="go">{{ words.t('field.take') }}</Button>
      <GoButton v-if="round" :to="{ name: 'field' }">{{ words.t('field.taken') }}</GoButton>
      <span v-if="round" class="soft small">{{
        words.t('field.takenOf', {
          day: words.format.day(round.day),
          n: round.stops.length,
          mb: words.format.number(round.bytes / 1e6, 1),
          when,
        })
      }}</span>
    </template>
    <p v-if="problem" class="warn" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.along {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 10px 0;
}
.along :deep(.ant-progress) {
  max-width: 320px;
}
p {
  flex: 1 0 100%;
  margin: 0;
}
</style>
