import type { Entry, EntryBodies, EntryKind, EntryResult } from '@emberfield/contract';
import { refusal, useOutbox, type Sent } from '../offline/use-outbox.ts';
import { useGroup } from '../session/use-group.ts';
import { ApiError } from '../platform/api.ts';
import { plain } from '../platform/plain.ts';
import { useWords } from '../session/words.ts';
import { derivedId } from './derived-id.ts';
import { newKey, type DraftKey } from './draft-key.ts';

export interface Draft<K extends EntryKind = EntryKind> {
  readonly kind: K;
  readonly patchId: string;
  readonly standId: string | null;
  readonly day: string;
  readonly visitId?: string | null;
  readonly replaces?: string | null;
  readonly body: EntryBodies[K];
}

/** Of a visit what is not an entry of its own. */
type VisitHead = Pick<Draft, 'patchId' | 'day'> & Partial<EntryBodies['visit']>;

/** What was sent, by its first entry: stored, or kept on the device until the server answers. */
export type EntrySent =
  | { readonly kind: 'stored'; readonly result: Exclude<EntryResult, { status: 'needsAttention' }> }
  | { readonly kind: 'waiting' };

type Withdrawn = Pick<Entry, 'id' | 'patchId' | 'standId'>;

/** Makes entries, sends them through the outbox, and takes them back. */
export function useEntries(): {
  readonly make: <K extends EntryKind>(draft: Draft<K>, key?: DraftKey) => Entry;
  readonly send: (entries: readonly Entry[], label: string) => Promise<Sent>;
  /** The same for one entry, and what goes along with it; what is refused is thrown. @throws ApiError */
  readonly sendOne: (entry: Entry, label: string, along?: readonly Entry[]) => Promise<EntrySent>;
  /** Several lots, each of which hangs on those before it: where one is refused those after it do not go. @throws ApiError */
  readonly sendInTurn: (
    lots: readonly (readonly Entry[])[],
    as: { readonly id: string; readonly label: string },
  ) => Promise<'stored' | 'waiting'>;
  /**
   * A visit of a place with all that was noted in it. A part's key hangs on what it says: sent again as it was it is stored once, changed it is another entry. The parts
   * are as they were noted, for whoever checks them.
   */
  readonly visit: (head: VisitHead, parts: readonly Draft[], key: DraftKey) => readonly [Entry, ...Entry[]];
  /** Takes back all that was noted in a visit. */
  readonly takeBack: (visit: readonly Entry[], day: string) => Promise<void>;
  /** Takes an entry back, and what went along with it; `again` is noted anew where it had been replaced. */
  readonly withdraw: (
    entry: Withdrawn,
    day: string,
    along?: readonly Withdrawn[],
    again?: readonly Entry[],
  ) => Promise<void>;
} {
  const outbox = useOutbox();
  const words = useWords();
  const { group } = useGroup();

  const make = <K extends EntryKind>(
    { kind, patchId, standId, day, visitId = null, replaces = null, body }: Draft<K>,
    key: DraftKey = newKey(),
  ): Entry =>
    ({
      ...key,
      kind,
      schemaVersion: 1,
      patchId,
      standId,
      visitId,
      day,
      zone: group.value?.zone ?? 'UTC',
      device: 'browser',
      replaces,
      body: plain(body),
    }) as Entry;

  const send = (entries: readonly Entry[], label: string): Promise<Sent> =>
    outbox.send([{ route: 'sync', body: { entries } }], { id: entries[0]!.id, label });

  async function sendOne(entry: Entry, label: string, along: readonly Entry[] = []): Promise<EntrySent> {
    const sent = await send([entry, ...along], label);
    if (sent.kind === 'refused') throw new ApiError('conflict', sent.message, null, null);
    if (sent.kind === 'waiting') return sent;
    const [result] = sent.results;
    if (!result || result.status === 'needsAttention')
      throw new ApiError('internal', result?.message ?? '', null, null);
    return { kind: 'stored', result };
  }

  async function sendInTurn(
    lots: readonly (readonly Entry[])[],
    as: { readonly id: string; readonly label: string },
  ): Promise<'stored' | 'waiting'> {
    const sent = await outbox.send(
      lots.filter((l) => l.length > 0).map((entries) => ({ route: 'sync', body: { entries } })),
      as,
    );
    if (sent.kind === 'refused') throw refusal(sent);
    return sent.kind === 'waiting' ? 'waiting' : 'stored';
  }

  async function withdraw(
    entry: Withdrawn,
    day: string,
    along: readonly Withdrawn[] = [],
    again: readonly Entry[] = [],
  ): Promise<void> {
    // What has not gone out yet needs no taking back.
    if (outbox.waiting.some((w) => w.id === entry.id)) return outbox.forget(entry.id);
    const [first, ...others] = [...along, entry].map(({ id, patchId, standId }) =>
      make({ kind: 'withdrawal', patchId, standId, day, replaces: id, body: { reason: '' } }),
    );
    await sendOne(first!, words.value.t('outbox.withdrawal'), [...others, ...again]);
  }
  const visit = (
    { patchId, day, note = '', ...measured }: VisitHead,
    parts: readonly Draft[],
    key: DraftKey,
  ): readonly [Entry, ...Entry[]] => {
    const head = make({ kind: 'visit', patchId, standId: null, day, body: { note, ...measured } }, key);
    const rest = parts.map((p) => {
      const id = derivedId(key.id, JSON.stringify([p.standId, p.kind, p.day, p.body]));
      return { ...make({ ...p, visitId: head.id, body: {} as never }, { ...key, id }), body: p.body } as Entry;
    });
    return [head, ...rest];
  };
  async function takeBack([head, first, ...others]: readonly Entry[], day: string): Promise<void> {
    if (head && outbox.waiting.some((w) => w.id === head.id)) await outbox.forget(head.id);
    else if (first) await withdraw(first, day, others);
  }
  return { make, send, sendOne, sendInTurn, visit, takeBack, withdraw };
}
