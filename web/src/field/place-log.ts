// What is noted at a place in one list: of each stand how much was taken, which stage it is at, or that there is nothing.
import type { PartOutlook, PlantProfile } from '@emberfield/contract';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import type { Draft } from '../entries/use-entries.ts';
import { hereNow } from '../entries/visit-draft.ts';
import { outlooksByHeat } from '../stands/heats.ts';
import { blankTake, takeBody } from '../visits/take-draft.ts';
import { goesOver, stepsFor } from '../visits/tally.ts';

export interface StandLog {
  /** What was taken, and of which part in which way: which of them is first in the list may change meanwhile. */
  readonly amount: number;
  readonly of: Pick<PartOutlook, 'part' | 'method'> | null;
  /** Index of the stage it is at; -1: before the first; `null`: nobody said. */
  readonly stage: number | null;
  readonly nothing: boolean;
}
export const BESIDE = ['stings', 'helper', 'child', 'rain'] as const;
type Beside = (typeof BESIDE)[number];
export interface PlaceLog {
  readonly key: DraftKey;
  readonly stands: Readonly<Record<string, StandLog>>;
  /** Who or what was there and made it slower. */
  readonly beside: readonly Beside[];
  /** As it was measured when it was first sent: sent again it says the same. */
  readonly stay: Stay | null;
}
/** Minutes at a place, and on foot to it; `null`: nobody measured it. */
export interface Stay {
  readonly minutes: number | null;
  readonly walkMinutes: number | null;
}
export const blankStand: StandLog = { amount: 0, of: null, stage: null, nothing: false };
export const blankLog = (): PlaceLog => ({ key: newKey(), stands: {}, beside: [], stay: null });

/** What is changed of a stand; there is not nothing where something was taken. */
export function noted(log: PlaceLog, standId: string, over: Partial<StandLog>): PlaceLog {
  const next = { ...(log.stands[standId] ?? blankStand), ...over };
  const took = over.nothing ? 0 : next.amount;
  const said = { ...next, amount: took, of: took > 0 ? next.of : null, nothing: took === 0 && next.nothing };
  return { ...log, stands: { ...log.stands, [standId]: said } };
}

/** The part of a stand that its line is of: what was counted already, else what is hottest. */
export const lineOf = (outlooks: readonly PartOutlook[], { of }: StandLog): PartOutlook | undefined =>
  outlooks.find((o) => o.part === of?.part) ?? outlooksByHeat(outlooks)[0];

/**
 * What one press adds, in the part's unit; `null` where it is not had by a press: it is not open, nothing may be taken, each piece is to be held against
 * something, or that would be more than is left. There the screen of a take says why, and what next.
 */
export function oneMore({ allowance, readiness, thorns, leafByLeaf }: PartOutlook, amount: number): number | null {
  const step = stepsFor(allowance)[0]!;
  const open = readiness.state === 'glowing' || readiness.state === 'fading';
  const free = open && !thorns && leafByLeaf.length === 0 && allowance.kind !== 'none';
  return free && !goesOver(allowance, amount + step) ? step : null;
}

/** The entries that it amounts to; of what nobody touched there are none. @param nothingSaid the words for "nothing to take" */
export function draftsOfLog(
  log: PlaceLog,
  stands: readonly { readonly id: string; readonly profile: Pick<PlantProfile, 'parts' | 'stages'> }[],
  {
    patchId,
    day,
    nothingSaid,
  }: {
    readonly patchId: string;
    readonly day: string;
    readonly nothingSaid: string;
  },
): readonly Draft[] {
  const took = stands.filter(({ id }) => (log.stands[id]?.amount ?? 0) > 0).length;
  const stay = log.stay?.minutes ?? null;
  // The time at the place goes to what was taken there in equal shares.
  const minutes = stay === null || took === 0 ? null : Math.round(stay / took);
  return stands.flatMap(({ id, profile }): readonly Draft[] => {
    const said = log.stands[id] ?? blankStand;
    const at = { patchId, standId: id, day };
    const stages = profile.stages.map((s) => s.key);
    const seen = said.stage === null ? {} : hereNow(stages, said.stage);
    const part = profile.parts.find((p) => p.key === said.of?.part);
    return [
      ...Object.entries(seen).map(([stage, is]): Draft => {
        return { kind: 'stageSighting', ...at, body: { stage, reached: is === 'reached', share: null } };
      }),
      ...(said.amount > 0 && said.of
        ? [
            {
              kind: 'take',
              ...at,
              body: takeBody({ ...blankTake(), ...said.of, amount: said.amount, minutes }, part, 1),
            } as const,
          ]
        : []),
      ...(said.nothing ? [{ kind: 'note', ...at, body: { text: nothingSaid } } as const] : []),
    ];
  });
}
