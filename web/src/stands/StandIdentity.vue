<script setup lang="ts">
import GoButton from '../kit/GoButton.vue';
import { computed } from 'vue';
import type { StandView } from '@emberfield/contract';
import SignDrawing from '../kit/SignDrawing.vue';
import { saySeen } from '../kit/say-seen.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { standSubtitle } from './stand-subtitle.ts';
import LookAlikeList from './LookAlikeList.vue';

/** Is it what you think? By which signs, said by whom, what is still waited for, and what might stand among it. */
const props = defineProps<{ stand: StandView; day: string }>();
const words = useWords();
const { mayPick } = useGroup();
const MOST_SIGNS = 6;
const last = computed(() => props.stand.identities[0]);
const standing = computed(() =>
  words.value.t(props.stand.secondNeeded ? 'duty.second' : `stand.${props.stand.identity}`),
);
const clearance = computed(() => {
  const { clearance: state, profile } = props.stand;
  const milder = props.stand.outlooks.some((o) => o.leafByLeaf.length > 0);
  if (state === 'closed') return words.value.t('clearance.closedYou', { family: words.value.family(profile.family) });
  if (state === 'cleared') return words.value.t('clearance.you', { family: words.value.family(profile.family) });
  if (!milder) return '';
  return words.value.t('clearance.notYou', { family: words.value.family(profile.family), n: props.stand.practised });
});
</script>

<template>
  <section class="section">
    <h2>{{ words.t('stand.identity') }}</h2>
    <p class="soft">{{ standSubtitle(words, stand) }}</p>
    <p :class="{ warn: stand.identity !== 'confirmed' }">
      {{ standing }}
      <span v-if="last" class="soft">
        {{
          [words.format.dayAndYear(last.day), last.phase ? words.t(`phase.${last.phase}`) : '', last.by]
            .filter(Boolean)
            .join(' · ')
        }}</span
      >
    </p>
    <ul v-if="last?.seen.length" class="signs">
      <li v-for="x in last.seen.slice(0, MOST_SIGNS)" :key="x.sign + x.state" class="small">
        <SignDrawing :sign="x.sign" :state="x.state" :size="34" />
        <span>{{ saySeen(words, x) }}</span>
      </li>
    </ul>
    <p v-else-if="last?.signs.length" class="small">{{ last.signs.join(' · ') }}</p>
    <p v-for="a in stand.awaited" :key="a.id" class="warn small">
      {{ words.t('duty.awaited', { sign: words.t(`sign.${a.sign}`), day: words.format.day(a.due, day) }) }}
    </p>
    <p v-if="clearance" class="small" :class="{ warn: stand.clearance !== 'cleared' }">{{ clearance }}</p>
    <GoButton v-if="mayPick" class="no-print" :to="{ name: 'identifyStand', params: { standId: stand.id } }">
      {{ words.t('identify.open') }}
    </GoButton>
  </section>
  <section v-if="stand.lookAlikes.length || stand.patch.neighbours" class="section">
    <h2>{{ words.t('lookAlike.title') }}</h2>
    <LookAlikeList :look-alikes="stand.lookAlikes" :day="day" />
    <p v-if="stand.patch.neighbours" class="small">{{ stand.patch.neighbours }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 0 0 5px;
}
.signs {
  list-style: none;
  padding: 0;
  margin: 4px 0 8px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 10px;
}
.signs li {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
