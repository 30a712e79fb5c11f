<script setup lang="ts">
import { Button, Switch } from 'ant-design-vue';
import { computed } from 'vue';
import type { OnTheGround } from '@emberfield/core/measure';
import { paceWalked, trackEffort } from '@emberfield/core/rounds';
import { centreOf } from '@emberfield/core/stand';
import { saveText } from '../platform/save-text.ts';
import { useUndo } from '../platform/use-undo.ts';
import { usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { NO_WAY, useOwnPace, useWayLog } from './kept-way.ts';
import { AT_A_PLACE_M, trackOf, wayGpx } from './way-log.ts';

/** Whether the way is noted, where the time of it went, and what may be done with it. */
const props = defineProps<{
  places: readonly (OnTheGround & { readonly name: string })[];
  day: string;
}>();
const words = useWords();
const undo = useUndo();
const wayLog = useWayLog();
const { groupId } = useGroup();
/** Places that no file gives away: all of the group's, for a way leads past others than those of the round. Known before anything is saved. */
const patches = usePatches(groupId);
const secret = computed(() => patches.data.value?.filter((p) => p.secret).map((p) => centreOf(p.geometry)));
const ownPace = useOwnPace();
const effort = computed(() => trackEffort(trackOf(wayLog.value), props.places, AT_A_PLACE_M));
const pace = computed(() => paceWalked(effort.value));
const said = computed(() => {
  const { t, format } = words.value;
  const { walkingMinutes, lookingMinutes, unknownMinutes, metres, atPlaces } = effort.value;
  const [looking, unknown] = [Math.round(lookingMinutes), Math.round(unknownMinutes)];
  return [
    t('way.walked', { way: format.distance(metres), n: Math.round(walkingMinutes) }),
    ...props.places.flatMap(({ name }, i) => {
      const n = Math.round(atPlaces[i]!);
      return n > 0 ? [t('way.at', { place: name, n })] : [];
    }),
    ...(looking > 0 ? [t('way.looking', { n: looking })] : []),
    ...(unknown > 0 ? [t('way.unknown', { n: unknown })] : []),
  ];
});
function save(): void {
  if (!secret.value) return;
  const name = `${words.value.t('way.title')}, ${words.value.format.dayAndYear(props.day)}`;
  const text = wayGpx(name, wayLog.value, secret.value);
  if (text) saveText(`emberfield-way-${props.day}.gpx`, text, 'application/gpx+xml');
  undo.say(words.value.t(text === null ? 'way.allSecret' : secret.value.length ? 'way.savedWithout' : 'way.saved'));
}
function forget(): void {
  const before = wayLog.value;
  wayLog.value = NO_WAY;
  undo.say(words.value.t('way.forgotten'), async () => void (wayLog.value = before));
}
function take(share: number): void {
  ownPace.value = share;
  undo.say(words.value.t('way.paceTaken'));
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('way.title') }}</h2>
    <label class="on"
      ><Switch
        :checked="wayLog.on"
        :aria-label="words.t('way.note')"
        @update:checked="wayLog = { ...wayLog, on: Boolean($event) }" />
      {{ words.t('way.note') }}</label
    >
    <p class="soft small">{{ words.t('way.lead') }}</p>
    <template v-if="wayLog.points.length > 1">
      <ul>
        <li v-for="line in said" :key="line">{{ line }}</li>
      </ul>
      <p v-if="pace !== null" class="pace">
        {{ words.t('way.pace', { percent: words.format.percent(pace) }) }}
        <Button @click="take(pace)">{{ words.t('way.takePace') }}</Button>
      </p>
      <div class="acts">
        <Button :disabled="!secret" @click="save">{{ words.t('way.save') }}</Button>
        <Button type="text" @click="forget">{{ words.t('way.forget') }}</Button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.on {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 56px;
}
ul {
  margin: 6px 0;
  padding-left: 20px;
}
.pace,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
