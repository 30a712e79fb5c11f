import { FLOWERS } from './flowers.ts';
import { FUNGI } from './fungi.ts';
import { LEAVES } from './leaves.ts';
import type { Drawing } from './pen.ts';
import { STEMS } from './stems.ts';
import { THALLUS } from './thallus.ts';

export type { Drawing } from './pen.ts';

const DRAWINGS: Readonly<Record<string, Drawing>> = { ...LEAVES, ...STEMS, ...FLOWERS, ...FUNGI, ...THALLUS };

/** How a state of a sign looks, in a square of 64; empty where nobody has drawn it yet. */
export const drawingOf = (sign: string, state: string): Drawing => DRAWINGS[`${sign}.${state}`] ?? [];
export const drawnStates = (): readonly string[] => Object.keys(DRAWINGS);
