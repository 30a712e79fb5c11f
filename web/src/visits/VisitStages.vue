<script setup lang="ts">
import { computed } from 'vue';
import type { PlantProfile } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useWords } from '../session/words.ts';
import { shareChoices } from '../entries/share-choices.ts';
import { stagesWith, type VisitDraft } from '../entries/visit-draft.ts';

const SHARES = [0.1, 0.25, 0.5, 0.75, 1];
defineProps<{ profile: PlantProfile }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const someReached = computed(() => Object.values(visit.value.stages).includes('reached'));
const say = (key: string, said: 'reached' | 'notYet'): void =>
  void (visit.value.stages = stagesWith(visit.value.stages, key, said));
</script>

<template>
  <section>
    <h2>{{ words.t('visit.stages') }}</h2>
    <div v-for="s in profile.stages" :key="s.key" class="stage" role="group" :aria-label="words.text(s.name)">
      <span>{{ words.text(s.name) }}</span>
      <button
        v-for="said in ['reached', 'notYet'] as const"
        :key="said"
        type="button"
        class="chip"
        :aria-pressed="visit.stages[s.key] === said"
        @click="say(s.key, said)">
        {{ words.t(`visit.${said}`) }}
      </button>
    </div>
    <template v-if="someReached">
      <p class="soft">{{ words.t('visit.share') }}</p>
      <ChoiceChips
        :model-value="visit.share === null ? null : String(visit.share)"
        optional
        :label="words.t('visit.share')"
        :options="shareChoices(words, SHARES)"
        @update:model-value="visit.share = $event === null ? null : Number($event)" />
      <label class="flush">
        <input v-model="visit.offSeason" type="checkbox" />
        <span
          >{{ words.t('stand.flush') }}<br /><small class="soft">{{ words.t('stand.flushNote') }}</small></span
        >
      </label>
    </template>
  </section>
</template>

<style scoped>
.flush {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  margin-top: 8px;
}
.stage {
  display: flex;
  gap: 8px;
  align-items: center;
}
.stage span {
  flex: 1;
}
</style>
