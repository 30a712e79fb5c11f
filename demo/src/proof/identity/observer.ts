import type { Phase, SeenSign, SignSpec } from '@emberfield/core/identity';
import { commonest, type Specimen } from './specimens.ts';

/** How often somebody out of doors, and not slow, says of a sign what it is not. */
const MISREAD = { glance: 0.03, cut: 0.04, loupe: 0.05, overnight: 0.01, microscope: 0.01 } as const;
const MISREAD_COLOUR = 0.05;
const MISREAD_SMELL = 0.1;
/** Fingers that held the wanted plant just now smell of it. */
const SMELLS_OF_WANTED = 0.3;
/** Of the looks so many ask "is it as it should be?", and say only that it is not. */
const ASKS_ONLY = 0.2;
/** A wrong word is the wanted plant's so often: one presses what one hopes for. */
const HOPES = 0.5;

interface Looking {
  /** What the observer takes the specimen for. */
  readonly wanted: string;
  readonly phase: Phase;
  readonly draw: () => number;
}

/** What a hurried observer says of a sign of a specimen; `null`: cannot tell. */
export function lookAt(specimen: Specimen, sign: SignSpec, { wanted, phase, draw }: Looking): SeenSign | null {
  const hoped = commonest(wanted, phase, sign.key);
  const shown = specimen[sign.key] ?? null;
  const of = (state: string, present = true): SeenSign => ({ sign: sign.key, state, present });
  if (sign.organ === 'smell' && hoped && hoped !== 'none' && draw() < SMELLS_OF_WANTED) return of(hoped);
  if (draw() < misreadOf(sign)) {
    if (hoped && draw() < HOPES) return of(hoped);
    return of(sign.states[Math.floor(draw() * sign.states.length)]!);
  }
  if (shown === null) return null;
  if (draw() < ASKS_ONLY && hoped) return of(hoped, shown === hoped);
  return of(shown);
}

const misreadOf = (sign: SignSpec): number => {
  if (sign.organ === 'smell') return MISREAD_SMELL;
  return /colour/i.test(sign.key) ? MISREAD_COLOUR : MISREAD[sign.price];
};
