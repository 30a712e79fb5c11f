import { CROWDINGS, type Crowding, type StandProspect } from '@emberfield/core/population';

/** Strokes that can be played with: so often a year, so much of the stand lost. What they are is up to the place: a flood, a mown verge, a hard drought. */
const STROKES = {
  none: null,
  twentieth: { chance: 0.05, share: 0.5 },
  tenth: { chance: 0.1, share: 0.5 },
  fourth: { chance: 0.25, share: 1 / 3 },
} as const;
/** Plants that the place carries, for each that stands there now. */
const ROOMS = { now: 1, half: 1.5, twice: 2, four: 4, eight: 8 } as const;

/** What nobody knows of a place, and the future of a stand hangs on. */
export interface Assumed {
  readonly room: keyof typeof ROOMS;
  readonly crowding: Crowding;
  readonly stroke: keyof typeof STROKES;
}
export const USUALLY_ASSUMED: Assumed = { room: 'twice', crowding: 'limit', stroke: 'none' };

const keysOf = <K extends string>(of: Readonly<Record<K, unknown>>): readonly K[] => Object.keys(of) as K[];
export const ASSUMPTIONS = { room: keysOf(ROOMS), crowding: CROWDINGS, stroke: keysOf(STROKES) } as const;

export const prospectIf = (prospect: StandProspect, { room, crowding, stroke }: Assumed): StandProspect => ({
  ...prospect,
  capacity: ROOMS[room] * prospect.plants.value,
  crowding,
  stroke: STROKES[stroke],
});
