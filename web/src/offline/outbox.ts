// What a person entered on this device and the server has not answered yet: the rules of it, without browser or screen.
import type { ChangePatch, ChangeStand, Entry, EntryResult, HandDays, NewPatch, NewStand } from '@emberfield/contract';

/** A request that can be sent as often as it takes: its keys were made when the draft began. */
export type OutCall =
  | { readonly route: 'sync'; readonly body: { readonly entries: readonly Entry[] } }
  | { readonly route: 'newPatch'; readonly body: NewPatch }
  | { readonly route: 'newStand'; readonly body: NewStand }
  | { readonly route: 'changePatch'; readonly params: { readonly patchId: string }; readonly body: ChangePatch }
  | { readonly route: 'changeStand'; readonly params: { readonly standId: string }; readonly body: ChangeStand }
  | { readonly route: 'putHandDays'; readonly params: { readonly stationId: string }; readonly body: HandDays }
  | {
      readonly route: 'addPhoto';
      readonly params: { readonly photoId: string };
      readonly query: { readonly patch: string; readonly stand?: string | undefined; readonly day: string };
      readonly body: Blob;
    };

export interface Waiting {
  /** Key of what it begins with: put in twice it is in once. */
  readonly id: string;
  /** Whose it is: nobody else on the device sees or sends it. */
  readonly accountId: string;
  readonly groupId: string;
  /** Milliseconds since 1970: they go in this order. */
  readonly putAt: number;
  readonly label: string;
  /** In the order in which they hang on each other. */
  readonly calls: readonly OutCall[];
  readonly lastTry: number | null;
  /** What the server said against it; empty while it only waits. */
  readonly problem: string;
  /** Part of the body that it names, "body.liftReason". */
  readonly problemField?: string | null;
}

/** Failures of the server that pass. */
const PASSING: readonly string[] = ['busy', 'internal'];

/** How one request ended: answered, refused for good, or not at all. */
export type Answer =
  | { readonly kind: 'answered'; readonly results: readonly EntryResult[] }
  | { readonly kind: 'refused'; readonly message: string; readonly field?: string | null }
  | { readonly kind: 'notReached' };

export interface Delivered {
  readonly results: readonly EntryResult[];
  /** What still has to go; `null` once nothing does. */
  readonly left: Waiting | null;
}

/**
 * Sends what one thing consists of, one request after the other. What was answered is dropped at once; where a request is refused or
 * not answered, it and what hangs on it stay. Of a batch of entries those that need attention stay, with the reason.
 */
export async function deliver(
  item: Waiting,
  send: (call: OutCall, groupId: string) => Promise<Answer>,
  now: number,
): Promise<Delivered> {
  const results: EntryResult[] = [];
  for (const [i, call] of item.calls.entries()) {
    const answer = await send(call, item.groupId);
    const left = { ...item, calls: item.calls.slice(i), lastTry: now };
    if (answer.kind === 'notReached') return { results, left };
    if (answer.kind === 'refused')
      return { results, left: { ...left, problem: answer.message, problemField: answer.field ?? null } };
    results.push(...answer.results);
    const open = answer.results.filter((r) => r.status === 'needsAttention');
    // The server failed on these: they are not refused, and go again.
    const refused = open.filter((r) => !PASSING.includes(r.code));
    if (call.route === 'sync' && open.length > 0) {
      const ids = new Set(open.map((r) => r.id));
      const entries = call.body.entries.filter((e) => ids.has(e.id));
      const rest: readonly OutCall[] = [{ route: 'sync', body: { entries } }, ...item.calls.slice(i + 1)];
      const problem = refused.map((r) => r.message).join(' ');
      return { results, left: { ...left, calls: rest, problem } };
    }
  }
  return { results, left: null };
}

/** The next that may go: the oldest of a person's in which nothing was refused. */
export const nextToGo = (all: readonly Waiting[], accountId: string): Waiting | null =>
  all
    .filter((w) => w.accountId === accountId && w.problem === '')
    .reduce<Waiting | null>((first, w) => (first === null || w.putAt < first.putAt ? w : first), null);
