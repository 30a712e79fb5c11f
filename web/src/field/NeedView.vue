<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import GoButton from '../kit/GoButton.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useHere } from '../platform/use-here.ts';

/** In need: whom to call, where one is, what to keep. Opens without signal. */
const words = useWords();
const { group, isKeeper } = useGroup();
const numbers = computed(() => group.value?.numbers ?? []);
const asking = ref(false);
const { here, lost } = useHere(() => asking.value);
const SIX = 6;
const where = computed(() =>
  here.value ? `${here.value.latitudeDeg.toFixed(SIX)}, ${here.value.longitudeDeg.toFixed(SIX)}` : null,
);
const STEPS = ['stop', 'call', 'keep', 'not', 'stay'] as const;
</script>

<template>
  <div class="page need">
    <h1>{{ words.t('need.title') }}</h1>
    <p class="warn">{{ words.t('need.lead') }}</p>
    <h2>{{ words.t('need.call') }}</h2>
    <ul>
      <li v-for="n in numbers" :key="n.who + n.number">
        <a :href="`tel:${n.number.replace(/[^+0-9]/g, '')}`"
          ><b>{{ n.who }}</b> <span>{{ n.number }}</span></a
        >
      </li>
    </ul>
    <p v-if="!numbers.length">
      {{ words.t('need.noNumbers') }}
      <GoButton v-if="isKeeper" :to="{ name: 'group', query: { tab: 'group' } }">{{ words.t('need.enter') }}</GoButton>
    </p>
    <p>{{ words.t('need.public') }}</p>
    <h2>{{ words.t('need.where') }}</h2>
    <p v-if="where" class="where" aria-live="polite">
      <b>{{ where }}</b>
      <span class="soft">{{ words.t('field.sure', { m: words.format.distance(here!.accuracyM) }) }}</span>
    </p>
    <Button v-else-if="!asking" size="large" @click="asking = true">{{ words.t('need.find') }}</Button>
    <p v-else aria-live="polite">
      {{ lost === null ? words.t('field.locating') : words.t('field.lost', { why: lost }) }}
    </p>
    <h2>{{ words.t('need.what') }}</h2>
    <ol>
      <li v-for="s in STEPS" :key="s">{{ words.t(`need.step.${s}`) }}</li>
    </ol>
  </div>
</template>

<style scoped>
.need {
  max-width: 640px;
  font-size: 18px;
}
h2 {
  margin-top: 18px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
ul a {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 14px;
  min-height: 64px;
  border-top: 1px solid var(--hair);
  font-size: 20px;
  color: inherit;
}
.where {
  font-size: 22px;
  overflow-wrap: anywhere;
}
</style>
