<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { StandView } from '@emberfield/contract';
import DayField from '../kit/DayField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useEscape } from '../kit/use-escape.ts';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { shareChoices } from '../entries/share-choices.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { correctedSighting } from './corrected-sighting.ts';
import type { SightingView } from '../kit/sighting-view.ts';

/** A sighting on the ladder, corrected on the spot: another day, another word, a share, or that it was out of season. */
const props = defineProps<{ stand: StandView; entry: SightingView }>();
const emit = defineEmits<{ close: [] }>();
const words = useWords();
const { isKeeper, mayPick } = useGroup();
const { today } = useDay();
const undo = useUndo();
const { make, sendOne, withdraw } = useEntries();
const key = newKey();
useEscape(() => emit('close'));
const SHARES = [0.1, 0.25, 0.5, 0.75, 1];
const may = computed(() => mayPick.value && (props.entry.mine || isKeeper.value));
const stage = computed(() => props.stand.profile.stages.find((s) => s.key === props.entry.body.stage));
const day = ref(props.entry.day);
const said = ref<'reached' | 'notYet' | 'flush' | null>(
  props.entry.body.offSeason ? 'flush' : props.entry.body.reached ? 'reached' : 'notYet',
);
const share = ref<string | null>(props.entry.body.share === null ? null : String(props.entry.body.share));
const choices = computed(() => [
  { value: 'reached' as const, label: words.value.t('visit.reached') },
  { value: 'notYet' as const, label: words.value.t('visit.notYet') },
  { value: 'flush' as const, label: words.value.t('stand.flush') },
]);
const corrected = computed(() =>
  correctedSighting(props.entry, {
    day: day.value,
    said: said.value!,
    share: share.value === null ? null : Number(share.value),
  }),
);
const busy = ref(false);
const failure = ref('');

async function act(work: () => Promise<void>): Promise<void> {
  busy.value = true;
  failure.value = '';
  try {
    await work();
    emit('close');
  } catch (error) {
    failure.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
const keep = (): Promise<void> =>
  act(async () => {
    const entry = make({ ...corrected.value!, replaces: props.entry.id }, key);
    await sendOne(entry, words.value.t('outbox.correction'));
    const { kind, patchId, standId, day: before, body } = props.entry;
    undo.say(words.value.t('stand.markCorrected'), async () => {
      await sendOne(
        make({ kind, patchId, standId, day: before, body, replaces: entry.id }),
        words.value.t('outbox.correction'),
      );
    });
  });
const takeBack = (): Promise<void> =>
  act(async () => {
    await withdraw(props.entry, today.value);
    undo.say(words.value.t('common.undone'));
  });
</script>

<template>
  <form class="mark" @submit.prevent="keep">
    <h3>
      {{ words.t('stand.mark', { stage: stage ? words.text(stage.name) : entry.body.stage, who: entry.by }) }}
    </h3>
    <p v-if="!may" class="soft">
      {{ words.format.day(entry.day, today) }} · {{ words.t('stand.markNotYours', { who: entry.by }) }}
    </p>
    <template v-else>
      <div class="choices">
        <label
          ><span class="soft small">{{ words.t('stand.markDay') }}</span
          ><DayField v-model="day" :max="today"
        /></label>
        <ChoiceChips v-model="said" :options="choices" :label="words.t('visit.stages')" />
        <ChoiceChips
          v-if="said !== 'notYet'"
          v-model="share"
          optional
          :options="shareChoices(words, SHARES)"
          :label="words.t('visit.share')" />
      </div>
      <p v-if="said === 'flush'" class="soft small">{{ words.t('stand.flushNote') }}</p>
      <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
      <div class="acts">
        <Button html-type="submit" type="primary" :disabled="busy || !corrected">{{ words.t('common.save') }}</Button>
        <Button :disabled="busy" @click="takeBack">{{ words.t('stand.undoEntry') }}</Button>
        <Button type="link" @click="emit('close')">{{ words.t('common.cancel') }}</Button>
      </div>
    </template>
  </form>
</template>

<style scoped>
.mark {
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: var(--sheet);
  padding: 10px 14px 12px;
  margin: 4px 0 14px;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: flex-end;
  margin: 8px 0;
}
label input {
  width: 160px;
  display: block;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
