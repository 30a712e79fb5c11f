// What is noted at a place in one list: of each stand how much was taken, which stage it is at, or that there is nothing.
import type { PartOutlook, ProfilePart } from '@emberfield/contract';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import type { Draft } from '../entries/use-entries.ts';
import { hereNow } from '../entries/visit-draft.ts';
import { blankTake, takeBody } from '../visits/take-draft.ts';
import { goesOver, stepsFor } from '../visits/tally.ts';

export interface StandLog {
  readonly amount: number;
  /** Index of the stage it is at; -1: before the first; `null`: nobody said. */
  readonly stage: number | null;
  readonly nothing: boolean;
}
export interface PlaceLog {
  readonly key: DraftKey;
  readonly stands: Readonly<Record<string, StandLog>>;
  /** Who or what was there and made it slower: words of the chips. */
  readonly beside: readonly string[];
}
export const blankStand: StandLog = { amount: 0, stage: null, nothing: false };
export const blankLog = (): PlaceLog => ({ key: newKey(), stands: {}, beside: [] });

/** What is changed of a stand; there is not nothing where something was taken. */
export function noted(log: PlaceLog, standId: string, over: Partial<StandLog>): PlaceLog {
  const next = { ...(log.stands[standId] ?? blankStand), ...over };
  const said = over.nothing ? { ...next, amount: 0 } : next.amount > 0 ? { ...next, nothing: false } : next;
  return { ...log, stands: { ...log.stands, [standId]: said } };
}

/**
 * What one press adds, in the part's unit; `null` where it is not had by a press: nothing may be taken, each piece is to be held against something, or that
 * would be more than is left. There the screen of a take says why, and what next.
 */
export function oneMore({ allowance, thorns, leafByLeaf }: PartOutlook, amount: number): number | null {
  const step = stepsFor(allowance)[0]!;
  const free = !thorns && leafByLeaf.length === 0 && allowance.kind !== 'none';
  return free && !goesOver(allowance, amount + step) ? step : null;
}

export interface Logged {
  readonly standId: string;
  readonly part: ProfilePart | undefined;
  readonly method: PartOutlook['method'];
  readonly stages: readonly string[];
}
/** The entries that it amounts to; of what nobody touched there are none. @param nothingSaid the words for "nothing to take" */
export function draftsOfLog(
  log: PlaceLog,
  stands: readonly Logged[],
  { patchId, day, nothingSaid }: { readonly patchId: string; readonly day: string; readonly nothingSaid: string },
): readonly Draft[] {
  return stands.flatMap(({ standId, part, method, stages }): readonly Draft[] => {
    const said = log.stands[standId] ?? blankStand;
    const at = { patchId, standId, day };
    const seen = said.stage === null ? {} : hereNow(stages, said.stage);
    return [
      ...Object.entries(seen).map(([stage, is]): Draft => {
        return { kind: 'stageSighting', ...at, body: { stage, reached: is === 'reached', share: null } };
      }),
      ...(said.amount > 0 && part
        ? [
            {
              kind: 'take',
              ...at,
              body: takeBody({ ...blankTake(part.key), part: part.key, amount: said.amount, method }, part, 1),
            } as const,
          ]
        : []),
      ...(said.nothing ? [{ kind: 'note', ...at, body: { text: nothingSaid } } as const] : []),
    ];
  });
}
