export { asTold, type KindClock, kindClocks } from './kind-clocks.ts';
export { type SeenSeason, seenSeasons, type SeenStand } from './seen-seasons.ts';
export { stageClocks } from './stage-clock.ts';
