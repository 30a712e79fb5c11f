<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import GoButton from '../kit/GoButton.vue';
import StateNote from '../kit/StateNote.vue';
import { useWords } from '../session/words.ts';
import CardAsk from './CardAsk.vue';
import { usePractice } from './use-practice.ts';

/** A drill of five: look-alikes, stages, amounts. */
const words = useWords();
const { profiles, patches, keys, cards, at, known, due, begin, answer } = usePractice();
const failure = computed(() => patches.error.value ?? profiles.value.error);
const card = computed(() => cards.value[at.value]);
</script>

<template>
  <StateNote
    v-if="failure && !(patches.data.value && profiles.all)"
    state="failed"
    :text="failure.message"
    @retry="
      patches.refetch();
      profiles.again();
    " />
  <StateNote v-else-if="!patches.data.value || !profiles.all" state="loading" />
  <div v-else class="page practice">
    <h1>{{ words.t('practice.title') }}</h1>
    <StateNote
      v-if="!keys.length"
      state="empty"
      :title="words.t('practice.none')"
      :text="words.t('practice.noneText')" />
    <template v-else-if="card">
      <p class="soft">{{ words.t('practice.of', { n: at + 1, of: cards.length }) }}</p>
      <CardAsk :key="`${at}:${card.key}`" :card="card" :answer="answer" @next="at += 1" />
    </template>
    <template v-else>
      <p class="soft">{{ words.t('practice.lead') }}</p>
      <p v-if="cards.length" role="status">
        <b>{{ words.t('practice.done', { right: known, of: cards.length }) }}</b>
      </p>
      <p>{{ due ? words.t('practice.due', { n: due }) : words.t('practice.nothingDue') }}</p>
      <Button type="primary" size="large" @click="begin">{{
        words.t(cards.length ? 'practice.more' : 'practice.start')
      }}</Button>
    </template>
    <section v-if="!card" class="year">
      <h2>{{ words.t('sandbox.open') }}</h2>
      <p>{{ words.t('sandbox.openLead') }}</p>
      <GoButton :to="{ name: 'madeYear' }">{{ words.t('sandbox.open') }}</GoButton>
    </section>
    <p class="warn small caution">{{ words.t('practice.caution') }}</p>
  </div>
</template>

<style scoped>
.practice {
  max-width: 640px;
}
.year {
  margin-top: 24px;
}
.caution {
  margin-top: 20px;
}
</style>
