import type { DayNumber } from '../measure/index.ts';
import { distribution, overlap } from './distribution.ts';
import { rowsOf, type IdentityTaxon, type Phase, type SeenSign, type SignSpec } from './sign.ts';
import { weigh } from './weigh.ts';

export interface Separator {
  readonly sign: string;
  /** 1 minus the common part of the two: 1 tells them apart every time, 0 never. */
  readonly separation: number;
}

/** From here on a sign is said to separate two taxa: they agree at most once in five. It is shown, and settles nothing by itself. */
export const SEPARATES = 0.8;

/**
 * Signs that a taxon shows in a phase and that another shows otherwise in whatever phase, best first. The other's phase is
 * not asked: a look-alike may run early or late, and the season rules nothing out.
 */
export function separatorsIn(
  taxon: IdentityTaxon,
  other: IdentityTaxon,
  vocabulary: readonly SignSpec[],
  phase: Phase,
): readonly Separator[] {
  return vocabulary
    .flatMap((sign): Separator[] => {
      const shown = rowsOf(taxon, sign.key).some((x) => (x.when ?? sign.when).includes(phase));
      if (sign.ofPlace || !shown) return [];
      const [mine, theirs] = [distribution(taxon, sign, phase), distribution(other, sign, null)];
      if (!mine || !theirs) return [];
      return [{ sign: sign.key, separation: 1 - overlap(mine, theirs) }];
    })
    .sort((a, b) => b.separation - a.separation);
}

/** A day from which a taxon is in a phase. */
export interface PhaseFrom {
  readonly phase: Phase;
  readonly day: DayNumber;
}

/**
 * The first day, from `today` on, on which some sign separates a taxon from another: today itself, where one does already.
 * `null` where no phase that is dated brings one.
 * @param phases of the taxon, in order of their days; the last one begun by `today` holds today.
 */
export function separableFrom(
  taxon: IdentityTaxon,
  other: IdentityTaxon,
  vocabulary: readonly SignSpec[],
  { phases, today }: { readonly phases: readonly PhaseFrom[]; readonly today: DayNumber },
): { readonly day: DayNumber; readonly sign: string } | null {
  const now = phases.findLast((p) => p.day <= today);
  const ahead = [...(now ? [{ ...now, day: today }] : []), ...phases.filter((p) => p.day > today)];
  for (const { phase, day } of ahead) {
    const [best] = separatorsIn(taxon, other, vocabulary, phase);
    if (best && best.separation >= SEPARATES) return { day, sign: best.sign };
  }
  return null;
}

/**
 * Whether a typical specimen of a taxon, read rightly in every sign that shows in a phase, rules another out. What not even that does nobody
 * can do there: as long as the two cannot be told, what one of them is gathered for is locked.
 * @param vocabulary by key
 */
export function canBeTold(
  [taxon, other]: readonly [IdentityTaxon, IdentityTaxon],
  vocabulary: ReadonlyMap<string, SignSpec>,
  phase: Phase,
): boolean {
  const seen = [...vocabulary.values()].flatMap((sign) => typicalOf(taxon, sign, phase));
  return weigh([taxon, other], vocabulary, seen, { phase, wanted: taxon }).excluded;
}

/** The state that a taxon shows most of a sign in a phase; none where it does not show then. */
export function typicalOf(taxon: IdentityTaxon, sign: SignSpec, phase: Phase): readonly SeenSign[] {
  const rows = rowsOf(taxon, sign.key).filter((row) => (row.when ?? sign.when).includes(phase));
  const states = rows.flatMap((row) => Object.entries(row.states)).sort(([, a], [, b]) => b - a);
  return states[0] ? [{ sign: sign.key, state: states[0][0], present: true }] : [];
}
