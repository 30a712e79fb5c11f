<script setup lang="ts">
import { useQueries } from '@tanstack/vue-query';
import { computed } from 'vue';
import type { PatchView, PlantView } from '@emberfield/contract';
import { isPoison } from '@emberfield/core/identity';
import type { Visit } from '@emberfield/core/rounds';
import { centreOf } from '@emberfield/core/stand';
import { clockOf } from '../platform/clock.ts';
import { plantAsk } from '../plants/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { PlaceToVisit } from './places.ts';
import { boxesFor } from './sheet-boxes.ts';
import { sheetMap } from './sheet-map.ts';

/** A round on paper: what to bring, a small map, and at each place what to look at, how much, and boxes to tick off what is taken. */
const props = defineProps<{
  places: readonly PlaceToVisit[];
  visits: readonly Visit[];
  home: PatchView;
  day: string;
}>();
const words = useWords();
const { groupId, group } = useGroup();
const keys = computed(() => [...new Set(props.places.flatMap((p) => p.lines.map((l) => l.stand.plantKey)))]);
const plants = useQueries({
  queries: computed(() =>
    keys.value.map((key) => ({ ...plantAsk(groupId.value, key), enabled: groupId.value !== null })),
  ),
});
const known = computed(
  () =>
    new Map(
      keys.value.flatMap((key, i) => {
        const profile = plants.value[i]?.data?.profile;
        return profile ? [[key, profile] as const] : [];
      }),
    ),
);
type Profile = PlantView['profile'];
const dangerous = (p: Profile | undefined): Profile['lookAlikes'] =>
  (p?.lookAlikes ?? []).filter((l) => isPoison(l.severity));
const MOST_SIGNS = 2;
const [WIDTH, HEIGHT, MARGIN] = [320, 220, 18];
/** Below the map, for its scale. */
const FOOT = 20;
const onPaper = ({ secret, blurred }: PatchView): boolean => !secret && !blurred;
/** Secret places are on no paper: what is drawn of a round that has one is the rest of it. */
const drawn = computed(() => [
  ...(onPaper(props.home) ? [{ n: '', ...centreOf(props.home.geometry) }] : []),
  ...props.places.flatMap(({ patch }, k) =>
    onPaper(patch) ? [{ n: String(k + 1), ...centreOf(patch.geometry) }] : [],
  ),
]);
const map = computed(
  () => drawn.value.length > 1 && sheetMap(drawn.value, { width: WIDTH, height: HEIGHT, margin: MARGIN }),
);
const line = computed(() => {
  const points = map.value ? map.value.points : [];
  return [...points, ...points.slice(0, 1)].map(({ x, y }) => `${x},${y}`).join(' ');
});
</script>

<template>
  <section class="only-print sheet">
    <div class="head">
      <div>
        <h2>{{ words.t('round.bring') }}</h2>
        <ul>
          <li v-for="[key, p] in known" :key="key">
            <b>{{ words.text(p.names) }}</b>: {{ words.text(p.bring) }}
          </li>
        </ul>
        <template v-if="group?.numbers.length">
          <h2>{{ words.t('need.title') }}</h2>
          <p>
            <span v-for="n in group.numbers" :key="n.number">{{ n.who }}: {{ n.number }}<br /></span>
          </p>
        </template>
      </div>
      <svg
        v-if="map"
        :viewBox="`0 0 ${WIDTH} ${HEIGHT + FOOT}`"
        :width="WIDTH"
        role="img"
        :aria-label="words.t('round.map')">
        <polyline :points="line" fill="none" stroke="#555" stroke-dasharray="4 4" />
        <g v-for="(p, i) in map.points" :key="i">
          <rect v-if="!drawn[i]!.n" :x="p.x - 5" :y="p.y - 5" width="10" height="10" />
          <template v-else>
            <circle :cx="p.x" :cy="p.y" r="9" fill="#fff" stroke="#000" />
            <text :x="p.x" :y="p.y + 4" text-anchor="middle" font-size="11">{{ drawn[i]!.n }}</text>
          </template>
        </g>
        <path :d="`M4 ${HEIGHT + FOOT - 4}h${map.scaleLength}`" stroke="#000" stroke-width="2" />
        <text x="4" :y="HEIGHT + FOOT - 9" font-size="10">{{ words.format.distance(map.scaleM) }}</text>
        <text :x="WIDTH - 14" y="12" font-size="11">↑</text>
      </svg>
    </div>
    <article v-for="(place, k) in places" :key="place.patch.id">
      <h2>{{ k + 1 }} {{ place.patch.name }}, {{ clockOf(visits[k]!.begins) }}–{{ clockOf(visits[k]!.ends) }}</h2>
      <div v-for="l in place.lines" :key="l.outlook.standId + l.outlook.part + l.outlook.use" class="stand">
        <p>
          <b>{{ words.text(l.stand.plantName) }} · {{ words.text(l.outlook.partName) }}</b>
          {{ words.allowance(l.outlook.allowance) }}
        </p>
        <p class="boxes">
          <template v-for="{ n, each } in [boxesFor(l.outlook.allowance.amountLeft)]" :key="each">
            <i v-for="box in n" :key="box" />
            <span v-if="each > 1">{{ words.t('round.boxOf', { n: each }) }}</span>
          </template>
        </p>
        <ul>
          <li v-for="(s, i) in known.get(l.stand.plantKey)?.signs.slice(0, MOST_SIGNS)" :key="i">
            {{ words.text(s.text) }}
          </li>
          <li v-for="d in dangerous(known.get(l.stand.plantKey))" :key="d.scientific">
            ☐ <b>{{ words.t('round.notIt', { name: words.text(d.name) }) }}</b>: {{ words.text(d.separatedBy) }}
          </li>
        </ul>
      </div>
      <p class="write">{{ words.t('round.write') }}</p>
    </article>
  </section>
</template>

<style scoped>
.sheet {
  font-size: 12px;
  line-height: 1.35;
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 14px;
}
h2 {
  font-size: 14px;
  margin: 8px 0 2px;
}
ul {
  margin: 2px 0;
  padding-left: 16px;
}
p {
  margin: 2px 0;
}
article {
  break-inside: avoid;
  border-top: 1px solid #000;
}
.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}
.boxes i {
  width: 12px;
  height: 12px;
  border: 1px solid #000;
}
.write {
  min-height: 34px;
  border-bottom: 1px dotted #555;
}
</style>
