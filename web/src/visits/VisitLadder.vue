<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { shareChoices } from '../entries/share-choices.ts';
import { hereNow, stageNow, type VisitDraft } from '../entries/visit-draft.ts';
import { useWords } from '../session/words.ts';

/** The stages as a ladder, first at the foot: one press says where the plant is, all below it and nothing above. */
const SHARES = [0.1, 0.25, 0.5, 0.75, 1];
const props = defineProps<{ stand: StandView; today: string }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const keys = computed(() => props.stand.profile.stages.map((s) => s.key));
/** Index of the stage that is here now; -1: nothing yet; `null`: nothing said. */
const at = computed(() => stageNow(visit.value.stages, keys.value));
const steps = computed(() =>
  props.stand.profile.stages
    .map((s, i) => {
      const known = props.stand.ladder.season.stages.find((x) => x.key === s.key);
      return { key: s.key, i, name: words.value.text(s.name), when: whenOf(known) };
    })
    .reverse(),
);
function whenOf(stage: StandView['ladder']['season']['stages'][number] | undefined): string {
  const { t, format } = words.value;
  if (stage?.seenBy) return t('visit.seenBy', { day: format.day(stage.seenBy, props.today) });
  return stage?.reached.p50 ? t('visit.about', { day: format.day(stage.reached.p50, props.today) }) : '';
}
const press = (i: number): void => void (visit.value.stages = at.value === i ? {} : hereNow(keys.value, i));
const markOf = (i: number): string =>
  at.value === null ? '' : i === at.value ? 'here' : i < at.value ? 'below' : 'above';
</script>

<template>
  <section>
    <h2>{{ words.t('visit.where') }}</h2>
    <p class="soft">{{ words.t('visit.whereLead') }}</p>
    <div class="ladder" role="group" :aria-label="words.t('visit.where')">
      <Button
        v-for="s in steps"
        :key="s.key"
        type="text"
        class="rung"
        :class="markOf(s.i)"
        :aria-pressed="at === s.i"
        @click="press(s.i)">
        <i class="node" aria-hidden="true" />
        <span class="name">{{ s.name }}</span>
        <small class="soft">{{ at === s.i ? words.t('visit.hereNow') : s.when }}</small>
      </Button>
      <Button type="text" class="rung" :class="{ here: at === -1 }" :aria-pressed="at === -1" @click="press(-1)">
        <i class="node ground" aria-hidden="true" />
        <span class="name">{{ words.t('visit.nothingYet') }}</span>
      </Button>
    </div>
    <template v-if="at !== null && at >= 0">
      <p class="soft">{{ words.t('visit.share') }}</p>
      <ChoiceChips
        :model-value="visit.share === null ? null : String(visit.share)"
        optional
        :label="words.t('visit.share')"
        :options="shareChoices(words, SHARES)"
        @update:model-value="visit.share = $event === null ? null : Number($event)" />
      <Checkbox v-model:checked="visit.offSeason"
        >{{ words.t('stand.flush') }}<br /><small class="soft">{{ words.t('stand.flushNote') }}</small></Checkbox
      >
    </template>
  </section>
</template>

<style scoped>
.ladder {
  display: grid;
}
.rung {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  height: auto;
  min-height: 48px;
  padding: 4px 6px;
  text-align: left;
  font-size: 17px;
  font-weight: 400;
  white-space: normal;
}
.node {
  position: relative;
  justify-self: center;
  width: 16px;
  height: 16px;
  border: 2px solid var(--edge);
  border-radius: 50%;
  background: var(--sheet);
}
/* The side of the ladder: from each rung down to the next. */
.rung:not(:last-child) .node::after {
  content: '';
  position: absolute;
  left: 50%;
  top: 16px;
  height: 32px;
  border-left: 2px dotted var(--edge);
}
.ground {
  border-radius: 2px;
  height: 4px;
  border-width: 1px;
  background: var(--edge);
}
.below .node {
  border-color: var(--ember);
  background: var(--ember);
}
.here .node {
  width: 24px;
  height: 24px;
  border: 7px solid var(--ember);
}
.here .name {
  font-weight: 700;
}
.below .node::after,
.here .node::after {
  border-left: 3px solid var(--ember) !important;
}
small {
  font-size: 14px;
}
</style>
