<script setup lang="ts">
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { PartOutlook, StandView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';
import type { SightingView } from './sighting-view.ts';
import { ladderLayout, roomForNames } from './ladder-layout.ts';

/** `chosen`: the sighting that is looked at closer. */
const props = defineProps<{ stand: StandView; day: string; chosen?: string | null }>();
defineEmits<{ choose: [id: string] }>();
const words = useWords();
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const wide = computed(() => Math.max(340, width.value));
const height = computed(() => 78 + props.stand.profile.stages.length * 38);
const left = computed(() => roomForNames(props.stand.profile.stages.map((s) => words.value.text(s.name))));
/** Sightings of the season that is shown. */
const noted = computed(() =>
  props.stand.entries.filter(
    (e): e is SightingView => e.kind === 'stageSighting' && e.standing === 'valid' && isOfSeason(e),
  ),
);
const isOfSeason = ({ day, body }: SightingView): boolean =>
  body.offSeason
    ? day >= props.stand.ladder.firstDay
    : props.stand.ladder.noted.some((n) => n.stage === body.stage && n.day === day);
const layout = computed(() =>
  ladderLayout({
    left: left.value,
    season: props.stand.ladder.season,
    past: props.stand.ladder.past,
    noted: noted.value.map((e) => dayNumber(e.day)),
    width: wide.value,
    height: height.value,
  }),
);
const path = (points: readonly { readonly x: number; readonly y: number }[]): string =>
  points.length ? `M${points.map((p) => `${p.x} ${p.y}`).join('L')}` : '';
const nowDay = computed(() => dayNumber(props.day));
const lastSeen = computed(() => layout.value.now.findLastIndex((p) => p.seen));
const NAME_PX = 38;
const months = computed(() => {
  const out: { x: number; name: string }[] = [];
  for (let d = layout.value.first; d < layout.value.last; d++) {
    const iso = isoDay(d);
    if (iso.endsWith('-01'))
      out.push({ x: layout.value.x(d), name: words.value.format.month(Number(iso.slice(5, 7)) - 1) });
  }
  // On a narrow screen every second or third month is named: names must not run into each other.
  const apart = out.length > 1 ? (out.at(-1)!.x - out[0]!.x) / (out.length - 1) : NAME_PX;
  const every = Math.max(1, Math.ceil(NAME_PX / apart));
  return out.map((m, i) => (i % every === 0 ? m : { ...m, name: '' }));
});
const stageIndex = (key: string): number => props.stand.profile.stages.findIndex((s) => s.key === key);
const marks = computed(() => {
  const { last } = layout.value;
  return noted.value.flatMap((e) => {
    const d = dayNumber(e.day);
    const i = stageIndex(e.body.stage);
    if (d > last || i < 0) return [];
    return [
      {
        id: e.id,
        x: layout.value.x(d),
        y: layout.value.y(i),
        kind: e.body.offSeason ? 'flush' : e.body.reached ? 'seen' : 'notyet',
        label: `${words.value.text(props.stand.profile.stages[i]!.name)}, ${words.value.t(e.body.offSeason ? 'stand.flush' : e.body.reached ? 'visit.reached' : 'visit.notYet')}, ${words.value.format.day(e.day)}, ${e.by}`,
      },
    ];
  });
});
const above = (k: number, stage: string): number =>
  props.stand.profile.windows.slice(0, k).filter((w) => w.opens.stage === stage).length;
const brackets = computed(() =>
  props.stand.outlooks.flatMap((o: PartOutlook, k) => {
    if (o.opens.p50 === null || o.season !== props.stand.ladder.season.season) return [];
    const spec = props.stand.profile.windows[k]!;
    const [from, to] = [
      layout.value.x(dayNumber(o.opens.p50)),
      layout.value.x(Math.min(layout.value.last, o.closes.p50 ? dayNumber(o.closes.p50) : layout.value.last)),
    ];
    const state = o.readiness.state;
    const end = to > wide.value - 190;
    return [
      {
        k,
        from,
        to,
        // Windows that open at one stage stand above each other.
        y: layout.value.y(stageIndex(spec.opens.stage)) - 15 - 15 * above(k, spec.opens.stage),
        state,
        text: words.value.text(o.partName),
        end,
      },
    ];
  }),
);
</script>

<template>
  <div ref="box" class="ladder" tabindex="0" role="group" :aria-label="words.t('stand.yearOf')">
    <svg :width="wide" :height="height" role="group" :aria-label="words.t('stand.ladderLabel')">
      <g v-for="m in months" :key="m.x">
        <path :d="`M${m.x} 18V${height - 14}`" class="grid" />
        <text :x="m.x + 4" :y="height - 3" class="axis">{{ m.name }}</text>
      </g>
      <g v-for="(s, i) in stand.profile.stages" :key="s.key">
        <path :d="`M${left} ${layout.y(i)}H${wide - 8}`" class="grid faint" />
        <text :x="left - 12" :y="layout.y(i) + 4.5" text-anchor="end" class="stage">{{ words.text(s.name) }}</text>
      </g>
      <path v-for="p in layout.past" :key="p.season" :d="path(p.points)" class="past">
        <title>{{ p.season }}</title>
      </path>
      <path :d="layout.band" class="band" />
      <path :d="path(layout.now.slice(0, lastSeen + 1))" class="now" />
      <path :d="path(layout.now.slice(Math.max(0, lastSeen)))" class="ahead" />
      <g v-for="b in brackets" :key="b.k" :class="['bracket', b.state]">
        <path :d="`M${b.from} ${b.y + 7}V${b.y}H${b.to}V${b.y + 7}`" />
        <text :x="b.end ? b.to : b.to + 7" :y="b.end ? b.y - 5 : b.y + 6" :text-anchor="b.end ? 'end' : 'start'">
          {{ b.text }}
        </text>
      </g>
      <path :d="`M${layout.x(nowDay) - 7} 4H${layout.x(nowDay) + 7}L${layout.x(nowDay)} 13Z`" class="notch" />
      <path :d="`M${layout.x(nowDay)} 4V${height - 14}`" class="line" />
      <g
        v-for="m in marks"
        :key="m.id"
        :transform="`translate(${m.x} ${m.y})`"
        class="mark"
        :class="{ picked: m.id === chosen }"
        role="button"
        tabindex="0"
        :aria-label="m.label"
        :aria-pressed="m.id === chosen"
        @click="$emit('choose', m.id)"
        @keydown.enter.prevent="$emit('choose', m.id)"
        @keydown.space.prevent="$emit('choose', m.id)">
        <title>{{ m.label }}</title>
        <circle r="13" class="reach" />
        <path v-if="m.kind === 'flush'" d="M0 -6L6 0L0 6L-6 0Z" class="flush" />
        <circle v-else r="4.8" :class="m.kind" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.ladder {
  overflow-x: auto;
}
svg {
  display: block;
}
.grid {
  stroke: var(--hair);
}
.faint {
  opacity: 0.7;
}
.axis {
  font-size: 13px;
  fill: var(--soft);
}
.stage {
  font-size: 13px;
  fill: var(--char);
}
.past {
  fill: none;
  stroke: var(--bar);
  stroke-width: 1.3;
}
.band {
  fill: var(--glow);
  opacity: 0.38;
}
.now {
  fill: none;
  stroke: var(--ember);
  stroke-width: 3;
}
.ahead {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.3;
  stroke-dasharray: 7 5;
}
.mark {
  cursor: pointer;
}
.reach {
  fill: transparent;
}
.mark:hover .reach,
.picked .reach {
  fill: color-mix(in srgb, var(--ember) 18%, transparent);
}
.flush {
  fill: var(--sheet);
  stroke: var(--rime);
  stroke-width: 2;
}
.seen {
  fill: var(--sheet);
  stroke: var(--ember);
  stroke-width: 2.2;
}
.notyet {
  fill: var(--sheet);
  stroke: var(--soft);
  stroke-width: 1.6;
  stroke-dasharray: 2 2;
}
.bracket path {
  fill: none;
  stroke: var(--moss);
  stroke-width: 2;
}
.bracket text {
  font-size: 13px;
  font-weight: 640;
  fill: var(--moss);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
}
.bracket.glowing path,
.bracket.fading path {
  stroke: var(--ember);
}
.bracket.glowing text,
.bracket.fading text {
  fill: var(--ember-ink);
}
.bracket.ash path {
  stroke: var(--mark);
}
.bracket.ash text {
  fill: var(--soft);
}
.notch {
  fill: var(--char);
}
.line {
  stroke: var(--char);
  stroke-width: 1.6;
}
</style>
