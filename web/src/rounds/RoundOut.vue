<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, toRef } from 'vue';
import TakeAlong from '../field/TakeAlong.vue';
import type { Wanted } from '../field/taken-round.ts';
import { saveText } from '../platform/save-text.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './places.ts';
import { roundGpx, type PlaceOnRound } from './round-gpx.ts';
import { useSetAside } from './use-set-aside.ts';

/** A round on its way out: along on the device, set aside from others, as a file, on paper. */
const props = defineProps<{
  wanted: Wanted;
  /** In their order. */
  places: readonly PlaceToVisit[];
}>();
const words = useWords();
const undo = useUndo();
const { may, busy, problem, setAside } = useSetAside(toRef(() => props.places));
const title = computed(() => `${words.value.t('round.title')}, ${words.value.format.dayAndYear(props.wanted.day)}`);
function saveFile(): void {
  const on = props.places.map((place, k): PlaceOnRound => {
    const { text, allowanceShort, format } = words.value;
    const what = place.lines.map((l) => `${text(l.stand.plantName)}: ${allowanceShort(l.outlook.allowance)}`);
    return { patch: place.patch, begins: props.wanted.stops[k]!.begins, what: format.list(what) };
  });
  const { text, left } = roundGpx(title.value, on);
  saveText(`emberfield-round-${props.wanted.day}.gpx`, text, 'application/gpx+xml');
  if (left > 0) undo.say(words.value.t('round.gpxLeft', { n: left }));
}
const print = (): void => globalThis.print();
</script>

<template>
  <TakeAlong :wanted="wanted" />
  <div class="acts no-print">
    <Button v-if="may" :loading="busy" @click="setAside">{{ words.t('round.setAside') }}</Button>
    <Button @click="print()">{{ words.t('round.print') }}</Button>
    <Button @click="saveFile">{{ words.t('round.gpx') }}</Button>
    <slot />
  </div>
  <p v-if="problem" class="warn no-print" role="alert">{{ problem }}</p>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
