<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, nextTick, ref } from 'vue';
import { isoDay } from '@emberfield/core/measure';
import { isDeadly, type CardState, type PracticeCard } from '@emberfield/core/practice';
import ChoiceChips from '../kit/ChoiceChips.vue';
import StateChoice from '../kit/StateChoice.vue';
import NumberField from '../kit/NumberField.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** One question: an answer, and whether it is known or guessed, before it is shown. */
const props = defineProps<{ card: PracticeCard; answer: (right: boolean, sure: boolean) => CardState }>();
const emit = defineEmits<{ next: [] }>();
const words = useWords();
const { today } = useDay();
const { groupId } = useGroup();
const choice = ref<string | null>(null);
const typed = ref<number | null>(null);
const said = ref<{ right: boolean; sure: boolean; state: CardState } | null>(null);
const next = ref<HTMLElement | null>(null);
const question = computed(() => {
  const { t, text } = words.value;
  const c = props.card;
  if (c.kind === 'pair') return t('practice.pair', { plant: text(c.plant), other: text(c.other) });
  if (c.kind === 'photo')
    return c.asks === 'plant' ? t('practice.photoPlant') : t('practice.photoStage', { plant: text(c.plant) });
  if (c.kind === 'sign')
    return t(c.inWinter ? 'practice.signInWinter' : 'practice.sign', {
      plant: text(c.plant),
      sign: t(`sign.${c.sign}`),
    });
  if (c.kind === 'stage') return t('practice.stage', { plant: text(c.plant), part: text(c.part) });
  const stand = { plants: t('plantCount', { n: c.plants }), leaves: c.leaves, per: c.perPlant };
  return `${t('practice.amountIs', stand)} ${t(`practice.rules.${c.rule}`, { figure: c.figure })}`;
});
const options = computed(() =>
  props.card.kind === 'amount' || props.card.kind === 'sign'
    ? []
    : props.card.options.map((o, i) => ({ value: String(i), label: words.value.text(o) })),
);
const drawn = computed(() =>
  props.card.kind === 'sign'
    ? props.card.options.map((state, i) => ({
        ...{ state, mark: choice.value === String(i) ? ('seen' as const) : null, again: false, gone: false },
      }))
    : [],
);
function press(state: string): void {
  if (props.card.kind === 'sign' && !said.value) choice.value = String(props.card.options.indexOf(state));
}
const hasAnswer = computed(() => (props.card.kind === 'amount' ? Number.isFinite(typed.value) : choice.value !== null));
const isRight = (): boolean =>
  props.card.kind === 'amount' ? typed.value === props.card.right : choice.value === String(props.card.right);
function say(sure: boolean, right = isRight()): void {
  said.value = { right, sure, state: props.answer(right, sure) };
  void nextTick(() => next.value?.querySelector('button')?.focus());
}
const verdict = computed(() => {
  const { t } = words.value;
  const { right, sure } = said.value!;
  const guessed = isDeadly(props.card) && right && !sure;
  return t(guessed ? 'practice.rightGuess' : right ? 'practice.right' : 'practice.wrong');
});
const solution = computed(() => {
  const { t, text } = words.value;
  const c = props.card;
  if (c.kind === 'sign') return t('practice.answer', { text: t(`state.${c.sign}.${c.options[c.right]!}`) });
  if (c.kind !== 'amount') return t('practice.answer', { text: text(c.options[c.right]!) });
  const figures = { plants: c.plants, figure: c.figure, share: 100 - c.figure, per: c.perPlant };
  return `${t('practice.answerAmount', { n: c.right })} ${t(`practice.reckoned.${c.rule}`, figures)}`;
});
const again = computed(() => {
  const { t, format } = words.value;
  const day = isoDay(Math.floor(Date.parse(said.value!.state.due) / 86_400_000));
  const soon = Date.parse(said.value!.state.due) - Date.now() < 43_200_000;
  return t('practice.again', {
    when: soon ? t('practice.today') : t('practice.onDay', { day: format.day(day, today.value) }),
  });
});
</script>

<template>
  <section :aria-label="question">
    <h2>{{ question }}</h2>
    <p v-if="card.kind === 'pair'" :class="card.deadly ? 'warn' : 'soft'">
      {{ words.text(card.other) }}, <i>{{ card.otherScientific }}</i>: {{ words.t(`stand.severity.${card.severity}`) }}
    </p>
    <img
      v-if="card.kind === 'photo'"
      class="photo"
      :src="`/api/groups/${groupId}/photos/${card.photoId}?size=large`"
      :alt="words.t('practice.photoAlt')" />
    <NumberField
      v-if="card.kind === 'amount'"
      v-model="typed"
      size="large"
      whole
      class="figure"
      :disabled="said !== null"
      :label="words.t('practice.leaves')" />
    <StateChoice
      v-else-if="card.kind === 'sign'"
      :sign="card.sign"
      :label="question"
      :states="drawn"
      @press="press($event.state)" />
    <ChoiceChips v-else v-model="choice" class="options" :options="options" :label="question" />
    <div v-if="!said" class="acts">
      <Button type="primary" size="large" :disabled="!hasAnswer" @click="say(true)">{{
        words.t('practice.sure')
      }}</Button>
      <Button size="large" :disabled="!hasAnswer" @click="say(false)">{{ words.t('practice.guess') }}</Button>
      <Button size="large" type="text" @click="say(false, false)">{{ words.t('practice.noIdea') }}</Button>
    </div>
    <div v-else role="status" class="said">
      <p>
        <b :class="{ warn: !said.right }">{{ verdict }}</b> {{ solution }}
      </p>
      <p v-if="card.kind === 'pair'">
        <RouterLink :to="{ name: 'plant', params: { plantKey: card.plantKey } }">{{
          words.t('practice.pairs')
        }}</RouterLink>
      </p>
      <p class="soft small">{{ again }}</p>
      <span ref="next"
        ><Button type="primary" size="large" @click="emit('next')">{{ words.t('practice.next') }}</Button></span
      >
    </div>
  </section>
</template>

<style scoped>
.options :deep(.ant-btn) {
  height: auto;
  min-height: 48px;
  white-space: normal;
  text-align: left;
  width: 100%;
}
.photo {
  display: block;
  max-width: 100%;
  max-height: 46vh;
  margin-bottom: 10px;
}
.figure {
  max-width: 200px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 14px;
}
.said {
  margin-top: 14px;
}
p {
  margin: 6px 0;
}
</style>
