import { centreOf, type HearthView, type PartOutlook, type PatchView, type StandRef } from '@emberfield/contract';
import { wayBetween, type OnTheGround } from '@emberfield/core/measure';
import { plainLetters } from '@emberfield/words';
import { HEATS, type Heat } from '../stands/heats.ts';

interface GroundLine {
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
}
/** A patch as the map shows it: what is hottest on it, and everything that grows there. */
export interface GroundPlace {
  readonly patch: PatchView;
  /** `null` where nothing is entered, or nothing that was asked for. */
  readonly hottest: GroundLine | null;
  readonly lines: readonly GroundLine[];
}

export interface GroundFilter {
  readonly part: string | null;
  readonly heat: Heat | null;
  /** A piece of the name of a place or plant; empty for all. */
  readonly text: string;
  /** A position that was typed: the nearest come first. */
  readonly spot: OnTheGround | null;
}

const heat = ({ outlook }: GroundLine): number => HEATS.indexOf(outlook.readiness.state);

/** Places with what is hottest on each, hottest first; places without anything stand last, and go when a part is asked for. */
export function groundPlaces(
  hearth: HearthView,
  patches: readonly PatchView[],
  { part, heat: only, text, spot }: GroundFilter,
  named: (stand: StandRef) => string,
): readonly GroundPlace[] {
  const stands = new Map(hearth.stands.map((s) => [s.id, s]));
  const lines = new Map<string, GroundLine[]>(patches.map((p) => [p.id, []]));
  for (const outlook of hearth.outlooks) {
    const stand = stands.get(outlook.standId);
    if (stand && (part === null || outlook.part === part) && (only === null || outlook.readiness.state === only))
      lines.get(stand.patchId)?.push({ stand, outlook });
  }
  const wanted = spot ? '' : plainLetters(text.trim());
  const says = (line: GroundLine): boolean => plainLetters(named(line.stand)).includes(wanted);
  const rank = ({ patch, hottest }: GroundPlace): number =>
    spot ? wayBetween(centreOf(patch.geometry), spot) : hottest ? heat(hottest) : HEATS.length;
  return patches
    .flatMap((patch): GroundPlace[] => {
      const all = [...lines.get(patch.id)!].sort((a, b) => heat(a) - heat(b));
      const called = plainLetters(patch.name).includes(wanted);
      const own = called ? all : all.filter(says);
      if (own.length === 0 && (part !== null || only !== null || !called)) return [];
      return [{ patch, hottest: own[0] ?? null, lines: own }];
    })
    .sort((a, b) => rank(a) - rank(b));
}
