// From what the day says of the stands to an outing, and back to words.
import type { PatchView } from '@emberfield/contract';
import type { OnTheGround } from '@emberfield/core/measure';
import {
  USUAL_PACE,
  walkMinutes,
  waysOnFoot,
  worthOf,
  type Outing,
  type Pace,
  type PathNet,
  type Span,
  type Timed,
} from '@emberfield/core/rounds';
import { centreOf } from '@emberfield/core/stand';
import type { Wanted } from '../field/taken-round.ts';
import { minutesOf } from '../platform/clock.ts';
import type { Line, PlaceToVisit } from './places.ts';
import { costsOf, type LineCost } from './stop-cost.ts';

/** What somebody asks of a round; kept on the device. */
export interface Wish {
  /** Place where it begins and ends; `null`: nobody has said. */
  readonly from: string | null;
  /** Minutes since the day began. */
  readonly leavesAt: number;
  readonly backBy: number;
  /** `own`: as the way of an earlier round was walked. */
  readonly pace: keyof typeof PACES | 'own';
  readonly plants: readonly string[];
  /** Whether nothing but these is wanted, or these before all else. */
  readonly how: 'only' | 'first';
  /** No more than this is carried, kg; `null`: it does not matter. */
  readonly carriesKg: number | null;
  /** Of one day: places that have to be on it, and such as are left out, by id. */
  readonly choice: { readonly day: string; readonly locked: readonly string[]; readonly left: readonly string[] };
}
/** Shares of the usual pace. Estimates. */
export const PACES = { usual: 1, slow: 0.7, child: 0.5 } as const;
export const FIRST_WISH: Wish = {
  from: null,
  leavesAt: 8 * 60,
  backBy: 13 * 60,
  pace: 'usual',
  plants: [],
  how: 'only',
  carriesKg: null,
  choice: { day: '', locked: [], left: [] },
};

/** Time at a place beside what is taken there. An estimate. */
const AT_PLACE = 5;
/** What is wanted before all else is worth so many times as much. An estimate. */
const WANTED_FIRST = 3;
const ALL_DAY: Span = { from: 0, until: 24 * 60 };

interface Spot extends OnTheGround {
  readonly heightM: number;
}
const spotOf = ({ geometry, heightM }: PatchView): Spot => ({ ...centreOf(geometry), heightM });

const paceOf = (pace: Wish['pace'], own: number | null = null): Pace => ({
  ...USUAL_PACE,
  share: pace === 'own' ? (own ?? PACES.usual) : PACES[pace],
});

export function outingOf(
  places: readonly PlaceToVisit[],
  home: PatchView,
  wish: Omit<Wish, 'from' | 'choice'>,
  locked: readonly string[],
  { light = ALL_LIGHT, costs = costsOf(places, []), ownPace = null, metres = metresBetween(places, home) }: Known = {},
): Outing {
  const { leavesAt, backBy, carriesKg } = wish;
  const spots = spotsOf(places, home);
  // Paths are in the lengths already.
  const going = { ...paceOf(wish.pace, ownPace), detour: 1 };
  const first = new Set(wish.how === 'first' ? wish.plants : []);
  const worth = (l: Line): number => worthOfLine(l) * (first.has(l.stand.plantKey) ? WANTED_FIRST : 1);
  return {
    stops: places.map(({ patch, lines }, i) => ({
      prize: lines.reduce((sum, l) => sum + worth(l), 0),
      minutes: AT_PLACE + costs[i]!.reduce((sum, c) => sum + c.minutes, 0),
      open: openAt(patch, lines, light),
      locked: locked.includes(patch.id),
      loadG: costs[i]!.reduce((sum, c) => sum + (c.loadG ?? 0), 0),
      careful: isTold(lines),
    })),
    legs: spots.map((from, i) =>
      spots.map((to, j) => walkMinutes({ distanceM: metres[i]![j]!, climbM: to.heightM - from.heightM }, going)),
    ),
    leavesAt,
    backBy,
    ...(carriesKg === null ? {} : { carriesG: 1000 * carriesKg }),
  };
}

const NO_PATHS: PathNet = { nodes: [], next: [] };
/** How far it is on foot between the places, from home (the last but one) and to home (the last). It hangs on nothing that is wished for a day. */
export function metresBetween(
  places: readonly PlaceToVisit[],
  home: PatchView,
  paths: PathNet = NO_PATHS,
): readonly (readonly number[])[] {
  return waysOnFoot(paths, spotsOf(places, home), USUAL_PACE.detour);
}
const spotsOf = (places: readonly PlaceToVisit[], home: PatchView): readonly Spot[] => [
  ...places.map((p) => spotOf(p.patch)),
  spotOf(home),
  spotOf(home),
];

/** What is known beside the places themselves. */
interface Known {
  readonly light?: Light;
  /** As `costsOf` says; left out: as is usual. */
  readonly costs?: readonly (readonly LineCost[])[];
  /** As `metresBetween` says; left out: without paths. */
  readonly metres?: readonly (readonly number[])[];
  /** Share of the usual pace at which this person walked; `null`: nobody noted it. */
  readonly ownPace?: number | null;
}

function worthOfLine({ outlook: { readiness, openProbability } }: Line): number {
  if (readiness.state !== 'glowing' && readiness.state !== 'fading') return 0;
  const { quality, daysLeft } = readiness;
  return worthOf({ quality, certainty: openProbability, daysLeft: Number.isFinite(daysLeft) ? daysLeft : null });
}

/** When the sun rises and sets, minutes since the day began; `null`: it does not, or nobody knows. */
interface Light {
  readonly rises: number | null;
  readonly sets: number | null;
}
const ALL_LIGHT: Light = { rises: null, sets: null };
/** So long before the sun sets a sign that tells what is dangerous is still seen. An estimate. */
const LOOKING_LIGHT = 60;

/** What grows there is told from something dangerous by its signs. */
const isTold = (lines: readonly Line[]): boolean =>
  lines.some((l) => l.stand.deadlyLookAlikes.length > 0 || l.outlook.leafByLeaf.length > 0);

/** While there is light and one can get in. The shore is one of a place: where the tide leaves it, else all day. */
function openAt({ openHours }: PatchView, lines: readonly Line[], { rises, sets }: Light): readonly Span[] {
  const tide = lines.find((l) => l.outlook.tide)?.outlook.tide;
  const dry = tide ? tide.spans.map((s) => ({ from: minutesOf(s.from), until: minutesOf(s.to) })) : [ALL_DAY];
  const light = {
    from: rises ?? ALL_DAY.from,
    until: sets === null ? ALL_DAY.until : sets - (isTold(lines) ? LOOKING_LIGHT : 0),
  };
  const gate = openHours ? { from: minutesOf(openHours.from), until: minutesOf(openHours.to) } : ALL_DAY;
  return dry
    .map(({ from, until }) => ({
      from: Math.max(from, light.from, gate.from),
      until: Math.min(until, light.until, gate.until),
    }))
    .filter(({ from, until }) => until > from);
}

/** A round as it is taken along. */
export function takenOf({
  places,
  home,
  timed,
  wish,
  day,
  ownPace = null,
}: {
  readonly places: readonly PlaceToVisit[];
  readonly home: PatchView;
  readonly timed: Timed;
  readonly wish: Pick<Wish, 'backBy' | 'pace'>;
  readonly day: string;
  readonly ownPace?: number | null;
}): Wanted {
  return {
    day,
    home: { ...spotOf(home), name: home.name },
    backBy: wish.backBy,
    pace: paceOf(wish.pace, ownPace),
    stops: timed.visits.map(({ stop, begins, ends }) => {
      const { patch } = places[stop]!;
      const stands = patch.stands.filter((s) => !s.retired).map(({ id, plantKey }) => ({ id, plantKey }));
      return { patchId: patch.id, name: patch.name, ...spotOf(patch), blurred: patch.blurred, begins, ends, stands };
    }),
  };
}

/** Moved by one place in an order; as it was at its ends. */
export function moved<T>(order: readonly T[], one: T, by: -1 | 1): readonly T[] {
  const at = order.indexOf(one);
  const other = order[at + by];
  return at < 0 || other === undefined ? order : order.map((x) => (x === one ? other : x === other ? one : x));
}
