// The entries that the sorting table amounts to, in the order in which they are sent.
import type { Entry, EntryBodies, OpenTake, PlantProfile } from '@emberfield/contract';
import { derivedId } from '../entries/derived-id.ts';
import type { DraftKey } from '../entries/draft-key.ts';
import type { Draft } from '../entries/use-entries.ts';
import { batchBody, ofOthers, putRight, takeOfOther, toldOfStand, type Lot, type SortDraft } from './sort-draft.ts';

type Make = <K extends Entry['kind']>(draft: Draft<K>, key?: DraftKey) => Entry;

interface Around {
  readonly take: OpenTake;
  /** All takes that lie on the table with it, itself among them. */
  readonly takes: readonly OpenTake[];
  readonly today: string;
  readonly make: Make;
  readonly unitOf: (of: NonNullable<Lot['of']>) => OpenTake['unit'] | null;
  readonly lookAlikes: PlantProfile['lookAlikes'];
  readonly unknownNote: string;
  readonly foundNote: string;
}

export interface TableEntries {
  /** Takes of other stands: these may be refused, and then nothing else has been sent. */
  readonly ofOthers: readonly Entry[];
  /** Takes as they are now that more is known of them. */
  readonly putRight: readonly Entry[];
  readonly batches: readonly [Entry, ...Entry[]];
  readonly told: readonly Entry[];
}

/** Keys hang on the draft's own and on what is said: sent again as it was it is stored once. */
export function tableEntries(draft: SortDraft, around: Around): TableEntries {
  const { take, takes, today, make, unitOf } = around;
  const keyed = <K extends Entry['kind']>(d: Draft<K>): Entry =>
    make(d, { ...draft.key, id: derivedId(draft.key.id, JSON.stringify([d.kind, d.standId, d.replaces, d.body])) });
  const at = { patchId: take.patchId, standId: take.standId, day: today };
  const less = ofOthers(draft, take, unitOf);
  const right = takes.flatMap((t) => {
    const body = putRight(t, draft, t.id === take.id ? less : 0);
    return body ? [keyed(takeAsNow(t, body))] : [];
  });
  const now = (id: string): string => right.find((r) => r.replaces === id)?.id ?? id;
  const parents = takes.map((t) => now(t.id));
  const others = draft.lots.map((lot) =>
    lot.of
      ? keyed({
          ...{ kind: 'take', patchId: take.patchId, standId: lot.of.standId, day: take.day },
          ...{ visitId: take.said?.visitId ?? null, body: takeOfOther(lot, around.foundNote) },
        })
      : null,
  );
  const [first, ...rest] = draft.lots.map((lot, i): Entry => {
    const other = others[i];
    const body = batchBody(draft, lot, {
      parents: other ? [other.id, ...parents] : parents,
      ...{ part: take.part, isFirst: i === 0 },
    });
    const entry: Draft<'batch'> = { kind: 'batch', ...at, standId: lot.of?.standId ?? take.standId, body };
    return i === 0 ? make(entry, draft.key) : make(entry, { ...draft.key, id: derivedId(draft.key.id, `jar ${i}`) });
  });
  return {
    ofOthers: others.filter((o) => o !== null),
    putRight: right,
    batches: [first!, ...rest],
    told: toldOfStand(draft, at, around).map((d) => keyed(d)),
  };
}

const takeAsNow = (take: OpenTake, body: EntryBodies['take']): Draft<'take'> => ({
  ...{ kind: 'take', patchId: take.patchId, standId: take.standId, day: take.day },
  ...{ visitId: take.said?.visitId ?? null, replaces: take.id, body },
});

/** Takes as they were before the table knew better: to undo it. */
export const asBefore = (
  { putRight }: Pick<TableEntries, 'putRight'>,
  { takes, make }: Pick<Around, 'takes' | 'make'>,
): readonly Entry[] =>
  putRight.flatMap((now) => {
    const before = takes.find((t) => t.id === now.replaces);
    return before?.said ? [make({ ...takeAsNow(before, before.said.body), replaces: now.id })] : [];
  });
