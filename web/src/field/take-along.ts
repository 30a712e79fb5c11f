import { hashKey, type QueryClient, type QueryKey } from '@tanstack/vue-query';
import type { GroupView } from '@emberfield/contract';
import { hearthAsk } from '../hearth/queries.ts';
import { baseMapAsk, patchAsk } from '../patches/queries.ts';
import { shelf } from '../platform/kept.ts';
import { signal } from '../platform/signal.ts';
import { plantAsk, plantsAsk } from '../plants/queries.ts';
import { patchesAsk } from '../session/queries.ts';
import { kitAsk, standAsk } from '../stands/queries.ts';
import type { Wanted } from './taken-round.ts';

/** A question whose answer is wanted on the device. */
interface Ask {
  readonly queryKey: QueryKey;
  readonly queryFn: (context: { readonly signal: AbortSignal }) => Promise<unknown>;
}

/**
 * What a round needs where nobody answers: every stand of its places with its book, the places, the plants, the list of all, and the map of the group, where it
 * has one.
 */
export function asksOf(
  { id: groupId, hasBaseMap }: Pick<GroupView, 'id' | 'hasBaseMap'>,
  stops: Wanted['stops'],
): readonly Ask[] {
  const plants = [...new Set(stops.flatMap((p) => p.stands.map((s) => s.plantKey)))];
  const asks = [
    hearthAsk(groupId, true),
    hearthAsk(groupId, false),
    patchesAsk(groupId),
    plantsAsk(groupId),
    ...(hasBaseMap ? [baseMapAsk] : []),
    ...plants.map((key) => plantAsk(groupId, key)),
    ...stops.flatMap(({ patchId, stands }) => [
      patchAsk(groupId, patchId),
      ...stands.flatMap(({ id }) => [standAsk(groupId, id), kitAsk(groupId, id)]),
    ]),
  ];
  return asks;
}

/** So many are asked for at once: the server answers others as well. */
const AT_ONCE = 4;
const [LOOKS, LOOK_AGAIN_MS] = [40, 100];

export class NoSignal extends Error {}
export class NotKept extends Error {}

/**
 * Asks for all of it anew and sees that it lies on the device, whatever that takes: only then is it taken along. Returns how much it is, in bytes as text.
 * @throws NoSignal where the server was not reached for part of it; NotKept where the device did not keep it; AbortError when stopped
 */
export async function takeAlong(
  client: QueryClient,
  asks: readonly Ask[],
  { told, stop }: { readonly told: (done: number) => void; readonly stop: AbortSignal },
): Promise<number> {
  const since = Date.now();
  const rest = [...asks];
  let [done, bytes] = [0, 0];
  async function work(): Promise<void> {
    for (let ask = rest.shift(); ask; ask = rest.shift()) {
      stop.throwIfAborted();
      await client.fetchQuery({ ...ask, staleTime: 0 });
      // What was kept before is given where nobody answers: it is no news.
      if (!signal.reached.value) throw new NoSignal();
      bytes += await keptSince(hashKey(ask.queryKey), since);
      told(++done);
    }
  }
  try {
    await Promise.all(Array.from({ length: AT_ONCE }, work));
  } catch (error) {
    // Where one went wrong the others need not go on.
    rest.length = 0;
    throw error;
  }
  await (await shelf)?.takeAlong(asks.map((a) => hashKey(a.queryKey)));
  return bytes;
}

/** How many bytes of an answer lie on the device; it may take a moment until it is there. @throws NotKept */
async function keptSince(hash: string, since: number): Promise<number> {
  for (let look = 0; look < LOOKS; look++) {
    const kept = await (await shelf)?.get(hash).catch(() => undefined);
    if (kept && kept.readAt >= since) return new Blob([JSON.stringify(kept.data)]).size;
    await new Promise((go) => setTimeout(go, LOOK_AGAIN_MS));
  }
  throw new NotKept();
}
