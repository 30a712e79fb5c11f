// What the look-alikes of a stand lock on a day, window by window.
import { isDangerous } from '../identity/index.ts';
import type { DayNumber, DayRange } from '../measure/index.ts';
import { ALWAYS, NEVER, type PlantProfile, type ProfileWindow } from '../plants/index.ts';
import type { WindowForecast } from '../windows/index.ts';
import { viewRange, type DayRangeView } from './day-range-view.ts';
import type { LookAlikeStanding } from './look-alikes.ts';

/** From when on something can be told apart in a window: at any time, from days of its season on, or at no time while it is open. */
export type Apart = typeof ALWAYS | typeof NEVER | DayRange;

/** What the look-alikes make of a window on a day. */
export interface Locks {
  /** A deadly one that was seen, and not since looked for in vain: it shuts every window. */
  readonly seen: LookAlikeStanding | null;
  /** Deadly ones that are not known to be absent, while they cannot be told apart: they shut this one. */
  readonly shut: readonly LookAlikeStanding[];
  /**
   * Taken piece by piece, by people cleared for the family: milder ones that were seen, milder ones that cannot be told apart and are not known
   * to be absent, and deadly ones of that kind whose signs stand on every piece.
   */
  readonly pieceByPiece: readonly LookAlikeStanding[];
  /** When the last of those that are not known to be absent can be told apart. */
  readonly apart: Apart;
  /** On the day some of those cannot be told apart. */
  readonly inseparable: boolean;
  /** A deadly one is among those, and will be told apart later in the season: what is taken before must have been settled before. */
  readonly early: boolean;
}

type Twin = PlantProfile['lookAlikes'][number];
type Written = Pick<ProfileWindow, 'separableFrom'>;
type Dated = Pick<WindowForecast, 'separableFrom' | 'apart'>;

/** The stages from which on look-alikes can be told apart in a window: that of the window, and those of single ones. */
export const apartStages = ({ lookAlikes }: Pick<PlantProfile, 'lookAlikes'>, { separableFrom }: Written) =>
  [...new Set([separableFrom, ...lookAlikes.map((l) => l.apartFrom)])].filter(
    (stage): stage is string => stage !== undefined && stage !== ALWAYS && stage !== NEVER,
  );

/**
 * Stage from which on one look-alike can be told apart in a window, `ALWAYS` or `NEVER`. What its own line says comes before what the window says of
 * all; but where nothing can be told while the window is open (roots, leaves that come again in autumn), no stage of spring tells it.
 */
export const apartStage = ({ apartFrom }: Pick<Twin, 'apartFrom'>, { separableFrom }: Written): string =>
  apartFrom !== ALWAYS && separableFrom === NEVER ? NEVER : (apartFrom ?? separableFrom ?? ALWAYS);

/** From when on one look-alike can be told apart in a window. */
export function apartIn(twin: Twin, window: Dated): Apart {
  const from = apartStage(twin, window);
  if (from === ALWAYS || from === NEVER) return from;
  return window.apart.find((a) => a.stage === from)?.day ?? NEVER;
}

/** Until when a window is mixed with what cannot be told apart: to its end, where that is never; `null` where it is not. */
export function mixedUntil(apart: Apart, { closes }: Pick<WindowForecast, 'closes'>): DayRangeView | null {
  if (apart === ALWAYS) return null;
  return viewRange(apart === NEVER ? closes : apart);
}

/** Whether a look-alike can shut a window of the plant at all for being too like it. */
export const canShut = (profile: Pick<PlantProfile, 'windows'>, twin: Twin): boolean =>
  profile.windows.some((window) => apartStage(twin, window) !== ALWAYS);

const isApartOn = (apart: Apart, day: DayNumber): boolean =>
  apart === ALWAYS || (apart !== NEVER && apart.p50 !== null && day >= apart.p50);

/** The later of two, where one that never comes is the latest. */
function later(a: Apart, b: Apart): Apart {
  if (a === NEVER || b === NEVER) return NEVER;
  if (a === ALWAYS) return b;
  if (b === ALWAYS) return a;
  return (b.p50 ?? Infinity) > (a.p50 ?? Infinity) ? b : a;
}

interface OpenTwin {
  readonly standing: LookAlikeStanding;
  readonly apart: Apart;
}
/** Dangerous look-alikes that nobody has looked for in vain, each with when it can be told apart. */
const openTwins = (window: Dated, standings: readonly LookAlikeStanding[]): readonly OpenTwin[] =>
  standings
    .filter((s) => isDangerous(s.lookAlike.severity) && s.search.state !== 'absent')
    .map((standing) => ({ standing, apart: apartIn(standing.lookAlike, window) }));
const latest = (open: readonly OpenTwin[]): Apart => open.map((o) => o.apart).reduce(later, ALWAYS);

/** Until when a window of a stand is mixed, as its look-alikes are known. */
export const mixedIn = (
  window: Dated & Pick<WindowForecast, 'closes'>,
  standings: readonly LookAlikeStanding[],
): DayRangeView | null => mixedUntil(latest(openTwins(window, standings)), window);

/**
 * What the look-alikes of a stand lock in a window on a day. Only those count that nobody has looked for in vain there while they show: the
 * day from which on it is clear is that of this stand, not of the plant.
 */
export function locksOn(window: Dated, standings: readonly LookAlikeStanding[], day: DayNumber): Locks {
  const open = openTwins(window, standings);
  const mixed = open.filter(({ apart }) => !isApartOn(apart, day));
  const isDeadly = ({ lookAlike }: LookAlikeStanding): boolean => lookAlike.severity === 'deadly';
  const unseen = mixed.filter(({ standing: s }) => isDeadly(s) && s.search.state !== 'found');
  const milder = open.filter(
    (o) => !isDeadly(o.standing) && (o.standing.search.state === 'found' || mixed.includes(o)),
  );
  const byPiece = unseen.filter(({ standing }) => standing.lookAlike.pieceByPiece === true);
  return {
    seen: deadlyFound(standings),
    shut: unseen.filter((o) => !byPiece.includes(o)).map((o) => o.standing),
    pieceByPiece: [...byPiece, ...milder].map((o) => o.standing),
    apart: latest(open),
    inseparable: mixed.length > 0,
    early: unseen.some(({ apart }) => apart !== NEVER),
  };
}

/** A deadly one that was found and not since looked for in vain. */
export const deadlyFound = (standings: readonly LookAlikeStanding[]): LookAlikeStanding | null =>
  standings.find((l) => l.lookAlike.severity === 'deadly' && l.search.state === 'found') ?? null;
