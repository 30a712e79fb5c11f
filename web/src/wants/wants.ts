import type { AllowanceView, HearthView, PartOutlook, StandRef, Text, UnitKey } from '@emberfield/contract';
import { shareOut, type Portion } from '@emberfield/core/allowance';

/** One thing that is wanted: so much of a part of a plant. */
export interface Want {
  /** `plant:part`. */
  readonly what: string | null;
  readonly amount: number | null;
}

/** A part of a plant that the group has a stand of. */
export interface Wanted {
  readonly what: string;
  readonly plantName: Text;
  readonly partName: Text;
  readonly unit: UnitKey;
}

interface At {
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
}

/** Where something can be had, and why not all of it. */
export interface Answer {
  readonly portions: readonly (Portion & At)[];
  readonly missing: number;
  /** Open, and nobody has counted them: only a share is known. */
  readonly uncounted: readonly At[];
  /** Not open on the day, or held back. */
  readonly shut: readonly At[];
}

/** Weighed or measured: halves can be taken. */
const IN_HALVES: readonly UnitKey[] = ['gram', 'litre'];

const keyOf = ({ stand, outlook }: At): string => `${stand.plantKey}:${outlook.part}`;

/** Every part at every stand once: of several windows of one part the one that is open, else the first. */
export function partsAtStands(hearth: HearthView): readonly At[] {
  const stands = new Map(hearth.stands.map((s) => [s.id, s]));
  const once = new Map<string, At>();
  for (const outlook of hearth.outlooks) {
    const stand = stands.get(outlook.standId);
    if (!stand) continue;
    const key = `${stand.id}:${outlook.part}`;
    const before = once.get(key);
    if (!before || (!isOpen(before.outlook) && isOpen(outlook))) once.set(key, { stand, outlook });
  }
  return [...once.values()];
}

const isOpen = ({ readiness }: PartOutlook): boolean => readiness.state === 'glowing' || readiness.state === 'fading';

/** What can be wanted at all: parts of plants that the group knows a stand of. */
export function choices(all: readonly At[]): readonly Wanted[] {
  const once = new Map(
    all.map((a): [string, Wanted] => [
      keyOf(a),
      {
        what: keyOf(a),
        plantName: a.stand.plantName,
        partName: a.outlook.partName,
        unit: a.outlook.allowance.unit,
      },
    ]),
  );
  return [...once.values()];
}

/** Permits that a stand shares with others, and what is left of each. */
const sharedBy = ({ ceilings }: AllowanceView): readonly { readonly id: string; readonly left: number }[] =>
  ceilings.flatMap(({ kind, values }) =>
    kind === 'quota' ? [{ id: values['permit'] as string, left: Number(values['left']) }] : [],
  );

/** Answers wants in their order: what one takes is no longer left for the next. */
export function answerWants(wants: readonly Want[], all: readonly At[]): readonly (Answer | null)[] {
  const spoken = new Map<string, number>();
  return wants.map(({ what, amount }) => {
    if (what === null || amount === null || !(amount > 0)) return null;
    const at = all.filter((a) => keyOf(a) === what);
    const open = at.filter((a) => isOpen(a.outlook) && a.outlook.allowance.kind !== 'none');
    // What a permit still gives says nothing of what an uncounted stand bears.
    const known = open.filter(({ outlook: { allowance } }) => allowance.kind === 'all' || allowance.kind === 'counted');
    const byId = new Map(known.map((a) => [a.stand.id, a]));
    const unit = at[0]?.outlook.allowance.unit;
    const { portions, missing } = shareOut(
      amount,
      known.map(({ stand, outlook: { allowance } }) => {
        const left = allowance.kind === 'all' ? null : allowance.amountLeft;
        return {
          standId: stand.id,
          amountLeft: left && Math.max(0, left - (spoken.get(`${stand.id}:${what}`) ?? 0)),
          perPlant: allowance.perPlant,
          shared: sharedBy(allowance).map(({ id, left: of }) => ({ id, left: of - (spoken.get(id) ?? 0) })),
        };
      }),
      { whole: unit === undefined || !IN_HALVES.includes(unit) },
    );
    for (const { standId, amount: given } of portions)
      for (const key of [`${standId}:${what}`, ...sharedBy(byId.get(standId)!.outlook.allowance).map((p) => p.id)])
        spoken.set(key, (spoken.get(key) ?? 0) + given);
    return {
      portions: portions.map((p) => ({ ...p, ...byId.get(p.standId)! })),
      missing,
      uncounted: open.filter((a) => !known.includes(a)),
      shut: at.filter((a) => !open.includes(a)),
    };
  });
}
