// A round as it was taken along: which places, in which order, and what of them lies on the device.
import { walkMinutes, type Pace } from '@emberfield/core/rounds';
import { AT_A_PLACE_M } from '../way/way-log.ts';
import { bearingTo, wayBetween, windOf, type OnTheGround, type Wind } from '@emberfield/core/measure';

export interface TakenStop extends OnTheGround {
  readonly patchId: string;
  readonly name: string;
  readonly heightM: number;
  /** Others know where it lies; the way there is a guess. */
  readonly blurred: boolean;
  /** Minutes since the day began. */
  readonly begins: number;
  readonly ends: number;
  readonly stands: readonly { readonly id: string; readonly plantKey: string }[];
}
export interface TakenRound {
  readonly groupId: string;
  readonly day: string;
  readonly home: OnTheGround & { readonly name: string; readonly heightM: number };
  readonly backBy: number;
  readonly pace: Pace;
  readonly stops: readonly TakenStop[];
  /** When it was taken along, ms since 1970, and how much of it lies on the device. */
  readonly takenAt: number;
  readonly bytes: number;
}
/** What a round is before anything of it lies on the device. */
export type Wanted = Omit<TakenRound, 'groupId' | 'takenAt' | 'bytes'>;

/** What lies under the account on this device: the round, and where on it one is. */
export interface OnRound {
  readonly round: TakenRound | null;
  /** Places that are done with, by id. */
  readonly done: readonly string[];
}
export const NO_ROUND: OnRound = { round: null, done: [] };

/** The next place that is not done with; `null`: the way back. */
export const nextStop = ({ round, done }: OnRound): TakenStop | null =>
  round?.stops.find((s) => !done.includes(s.patchId)) ?? null;

export interface WayThere {
  readonly metres: number;
  readonly bearingDeg: number;
  readonly wind: Wind;
}
export function wayTo(here: OnTheGround, there: OnTheGround): WayThere {
  const bearingDeg = bearingTo(here, there);
  return { metres: wayBetween(here, there), bearingDeg, wind: windOf(bearingDeg) };
}

/** The place of the round at which somebody seems to be; `null`: none, or where it is they do not know. */
export function stopAt({ stops }: Pick<TakenRound, 'stops'>, here: OnTheGround, accuracyM: number): TakenStop | null {
  const near = stops
    .filter((s) => !s.blurred)
    .map((stop) => ({ stop, metres: wayBetween(here, stop) }))
    .filter(({ metres }) => metres <= Math.max(AT_A_PLACE_M, 2 * accuracyM))
    .sort((a, b) => a.metres - b.metres);
  return near[0]?.stop ?? null;
}

/** When to turn back from somewhere to be home in time, minutes since the day began: by foot, the height of where one is taken as that of the place nearest to it. */
export function turnBackAt({ home, stops, backBy, pace }: TakenRound, here: OnTheGround): number {
  const places = [...stops, home];
  const nearest = places.reduce((a, b) => (wayBetween(here, b) < wayBetween(here, a) ? b : a));
  const way = { distanceM: wayBetween(here, home), climbM: home.heightM - nearest.heightM };
  return backBy - walkMinutes(way, pace);
}
