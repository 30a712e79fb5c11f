// Places at which something can be taken on a day.
import type { HearthView, PartOutlook, PatchView, StandRef } from '@emberfield/contract';
import { sectionOf } from '@emberfield/core/stand';

export interface Line {
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
}
/** A place with what can be taken there on the day. */
export interface PlaceToVisit {
  readonly patch: PatchView;
  readonly lines: readonly Line[];
}

/** Of each place what is open and not held back; nothing of those at which nothing is. @param plants no others; none: all of them. */
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
