import { isNever, isOfOtherKingdom, lacks } from './build.ts';
import {
  rowsOf,
  shownFrequency,
  statesOf,
  type IdentityTaxon,
  type Phase,
  type SeenSign,
  type SignPrice,
  type SignSpec,
} from './sign.ts';

// How likely it is that somebody says of a taxon what was said. Estimates: what people out of doors say of plants that they were handed.

/** How often a look says what is not so, by what the look is. */
const MISREAD: Readonly<Record<SignPrice, number>> = {
  glance: 0.03,
  cut: 0.04,
  loupe: 0.05,
  overnight: 0.01,
  microscope: 0.01,
};
const MISREAD_COLOUR = 0.05;
const MISREAD_SMELL = 0.1;
/** Fingers that held the wanted plant just now smell of it. */
const SMELLS_OF_WANTED = 0.3;
/** That a mushroom is none and a herb is one. */
const MISREAD_KINGDOM = 0.002;
/** A state that a table leaves out is seldom shown: nobody has seen every specimen. */
const SELDOM = 0.03;

/** Chance that a look at a sign says what is not so, 0–1. */
export function misread({ key, organ, price }: SignSpec): number {
  if (organ === 'smell') return MISREAD_SMELL;
  return /colour/i.test(key) ? MISREAD_COLOUR : MISREAD[price];
}

/** What is looked for, and in which phase it stands; `null` where nobody says so. */
export interface Looked {
  readonly phase: Phase | null;
  readonly wanted: IdentityTaxon | null;
}

/**
 * The chance that somebody who looks at a taxon says what was said of a sign, misreadings counted: f shown, m misread → m + f (1 − 2 m).
 * `null` where its table says nothing of the sign: that tells nothing. Never 0 or 1.
 * @param phase whose rows hold; `null`: the phase in which it shows it most, for a phase may be taken wrongly.
 * @param isDecisive the pair names the sign as decisive: what the table leaves out is never shown, not seldom; misread it is all the same.
 */
export function chanceOf(
  taxon: IdentityTaxon,
  sign: SignSpec,
  { state, present, again = false }: SeenSign,
  { phase, wanted }: Looked,
  isDecisive = false,
): number | null {
  const { habit } = taxon;
  if (habit && isOfOtherKingdom(habit, sign, state)) return said(present, 0, MISREAD_KINGDOM);
  if (habit && lacks(habit, sign, state)) return said(present, 0, misread(sign));
  const shown = present ? shownFrequency(taxon, sign, state, phase) : leastShown(taxon, sign, state, phase);
  if (shown === null) return null;
  const wrong = present && isSmellOf(wanted, sign, state) ? SMELLS_OF_WANTED : misreadOf(sign, again);
  // What is decided over night is looked at by itself, in white on black: what its table leaves out is not overlooked.
  const isSure = isDecisive || sign.price === 'overnight' || sign.price === 'microscope';
  const least = isSure || (present && isNever(habit, sign, state, statesOf(taxon, sign.key))) ? 0 : SELDOM;
  return said(present, Math.min(1 - least, Math.max(least, shown)), wrong);
}

/** Whether a taxon never shows a state, by the way it is built or by its kind: see `lacks` and `isNever`. */
export function neverShows(taxon: IdentityTaxon, sign: SignSpec, state: string): boolean {
  const { habit } = taxon;
  if (habit && (isOfOtherKingdom(habit, sign, state) || lacks(habit, sign, state))) return true;
  return isNever(habit, sign, state, statesOf(taxon, sign.key));
}

/** Two looks go wrong alike only if both do. Fingers that smell do so at the second look as well. */
const misreadOf = (sign: SignSpec, again: boolean): number =>
  again && sign.organ !== 'smell' ? misread(sign) ** 2 : misread(sign);

/** That it is said to be there, or not to be, of what is shown so often and misread so often. */
function said(present: boolean, shown: number, wrong: number): number {
  const seen = wrong + shown * (1 - 2 * wrong);
  return present ? seen : 1 - seen;
}

/** The least it shows a state over its rows: how often it goes without, at its best. */
function leastShown(taxon: IdentityTaxon, sign: SignSpec, state: string, phase: Phase | null): number | null {
  const rows = rowsOf(taxon, sign.key).filter((x) => phase === null || (x.when ?? sign.when).includes(phase));
  return rows.length === 0 ? null : Math.min(...rows.map((r) => r.states[state] ?? 0));
}

const isSmellOf = (wanted: IdentityTaxon | null, sign: SignSpec, state: string): boolean =>
  wanted !== null && sign.organ === 'smell' && state !== 'none' && (shownFrequency(wanted, sign, state) ?? 0) > SELDOM;
