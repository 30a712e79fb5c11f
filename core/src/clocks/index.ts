export type { ClockKey } from './family.ts';
export { asTold, type ClockShare, clockShares, type KindClock, kindClocks } from './kind-clocks.ts';
export { type SeenSeason, seenSeasons, type SeenStand } from './seen-seasons.ts';
export { stageClocks } from './stage-clock.ts';
