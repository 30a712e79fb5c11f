// From what the day says of the stands to an outing, and back to words.
import type { HearthView, PartOutlook, PatchView, StandRef } from '@emberfield/contract';
import { wayBetween, type OnTheGround } from '@emberfield/core/measure';
import {
  USUAL_PACE,
  walkMinutes,
  worthOf,
  type Outing,
  type Pace,
  type Span,
  type Timed,
} from '@emberfield/core/rounds';
import { centreOf, sectionOf } from '@emberfield/core/stand';
import type { Wanted } from '../field/taken-round.ts';
import { minutesOf } from '../platform/clock.ts';

/** What somebody asks of a round; kept on the device. */
export interface Wish {
  /** Place where it begins and ends; `null`: nobody has said. */
  readonly from: string | null;
  /** Minutes since the day began. */
  readonly leavesAt: number;
  readonly backBy: number;
  readonly pace: keyof typeof PACES;
  readonly plants: readonly string[];
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
  choice: { day: '', locked: [], left: [] },
};

interface Line {
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
}
/** A place with what can be taken there on the day. */
export interface PlaceToVisit {
  readonly patch: PatchView;
  readonly lines: readonly Line[];
}

/** Of each place what is open and not held back; nothing of those at which nothing is. */
export function placesToVisit(
  { stands, outlooks }: Pick<HearthView, 'stands' | 'outlooks'>,
  patches: readonly PatchView[],
  plants: readonly string[],
): readonly PlaceToVisit[] {
  const standBy = new Map(stands.map((s) => [s.id, s]));
  const lines = outlooks.flatMap((outlook): readonly Line[] => {
    const stand = standBy.get(outlook.standId);
    const wanted = stand && (plants.length === 0 || plants.includes(stand.plantKey));
    return wanted && ['now', 'lastCall'].includes(sectionOf(outlook)) ? [{ stand, outlook }] : [];
  });
  return patches.flatMap((patch) => {
    const there = lines.filter((l) => l.stand.patchId === patch.id);
    return there.length > 0 ? [{ patch, lines: there }] : [];
  });
}

/** Time at a place, and for each part that is taken there. Estimates. */
const [AT_PLACE, A_PART] = [5, 12];
const ALL_DAY: Span = { from: 0, until: 24 * 60 };

interface Spot extends OnTheGround {
  readonly heightM: number;
}
const spotOf = ({ geometry, heightM }: PatchView): Spot => ({ ...centreOf(geometry), heightM });

const paceOf = (pace: Wish['pace']): Pace => ({ ...USUAL_PACE, share: PACES[pace] });

export function outingOf(
  places: readonly PlaceToVisit[],
  home: PatchView,
  { leavesAt, backBy, pace }: Pick<Wish, 'leavesAt' | 'backBy' | 'pace'>,
  locked: readonly string[],
  light: Light = ALL_LIGHT,
): Outing {
  const spots = [...places.map((p) => spotOf(p.patch)), spotOf(home), spotOf(home)];
  const going = paceOf(pace);
  return {
    stops: places.map(({ patch, lines }) => ({
      prize: lines.reduce((sum, l) => sum + worthOfLine(l), 0),
      minutes: AT_PLACE + A_PART * lines.length,
      open: openAt(lines, light),
      locked: locked.includes(patch.id),
    })),
    legs: spots.map((from) =>
      spots.map((to) => walkMinutes({ distanceM: wayBetween(from, to), climbM: to.heightM - from.heightM }, going)),
    ),
    leavesAt,
    backBy,
  };
}

function worthOfLine({ outlook: { readiness, openProbability } }: Line): number {
  if (readiness.state !== 'glowing' && readiness.state !== 'fading') return 0;
  const { quality, daysLeft } = readiness;
  return worthOf({ quality, certainty: openProbability, daysLeft: Number.isFinite(daysLeft) ? daysLeft : null });
}

/** When the sun rises and sets, minutes since the day began; `null`: it does not, or nobody knows. */
export interface Light {
  readonly rises: number | null;
  readonly sets: number | null;
}
const ALL_LIGHT: Light = { rises: null, sets: null };
/** So long before the sun sets a sign that tells what is dangerous is still seen. An estimate. */
const LOOKING_LIGHT = 60;

/** What grows there is told from something dangerous by its signs. */
const isTold = (lines: readonly Line[]): boolean =>
  lines.some((l) => l.stand.deadlyLookAlikes.length > 0 || l.outlook.leafByLeaf.length > 0);

/** While there is light. The shore is one of a place: where the tide leaves it, else all day. */
function openAt(lines: readonly Line[], { rises, sets }: Light): readonly Span[] {
  const tide = lines.find((l) => l.outlook.tide)?.outlook.tide;
  const dry = tide ? tide.spans.map((s) => ({ from: minutesOf(s.from), until: minutesOf(s.to) })) : [ALL_DAY];
  const light = {
    from: rises ?? ALL_DAY.from,
    until: sets === null ? ALL_DAY.until : sets - (isTold(lines) ? LOOKING_LIGHT : 0),
  };
  return dry
    .map(({ from, until }) => ({ from: Math.max(from, light.from), until: Math.min(until, light.until) }))
    .filter(({ from, until }) => until > from);
}

/** A round as it is taken along. */
export function takenOf({
  places,
  home,
  timed,
  wish,
  day,
}: {
  readonly places: readonly PlaceToVisit[];
  readonly home: PatchView;
  readonly timed: Timed;
  readonly wish: Pick<Wish, 'backBy' | 'pace'>;
  readonly day: string;
}): Wanted {
  return {
    day,
    home: { ...spotOf(home), name: home.name },
    backBy: wish.backBy,
    pace: paceOf(wish.pace),
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
