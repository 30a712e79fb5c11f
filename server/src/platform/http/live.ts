import type { Response } from 'express';
import { StreamAnswer } from './stream-answer.ts';

interface Listener {
  readonly accountId: string;
  readonly tab: string | null;
  readonly response: Response;
}

/** Nobody has more pages open at once: of more the oldest is let go, and asks again if it is still there. */
const MOST_OF_ONE = 12;
/** After so long it is asked anew, and with it whether the person still belongs to the group. */
const LONGEST_MS = 5 * 60_000;
/** Proxies close what is silent for a minute. */
const BEAT_MS = 25_000;
/** Who reads no more but has not gone: what is written to them piles up. */
const MOST_WAITING_BYTES = 16 * 1024;
/** The browser asks again after so long. */
const RETRY_MS = 10_000;

/**
 * Tells the open pages of a group that something in it has changed: that it has, and nothing of what. A page asks anew for what it shows, and is told no
 * more than its reader may know.
 */
export class Live {
  private readonly groups = new Map<string, Set<Listener>>();
  private told = 0;

  constructor(private readonly longestMs = LONGEST_MS) {}

  /** What a page listens to. `tab`: its own name for itself; what it changes it is not told of. */
  listen(groupId: string, { accountId, tab }: Pick<Listener, 'accountId' | 'tab'>): StreamAnswer {
    return new StreamAnswer((response) => {
      const listener = { accountId, tab, response };
      const all = this.groups.get(groupId) ?? new Set();
      this.groups.set(groupId, all);
      const own = [...all].filter((l) => l.accountId === accountId);
      if (own.length >= MOST_OF_ONE) own[0]!.response.end();
      all.add(listener);
      response.setHeader('Content-Type', 'text/event-stream; charset=utf-8');
      // Neither kept nor packed: what is packed is held back until there is enough of it.
      response.setHeader('Cache-Control', 'no-store, no-transform');
      response.setHeader('X-Accel-Buffering', 'no');
      response.write(`retry: ${RETRY_MS}\n\n`);
      const beat = setInterval(() => response.write(':\n\n'), BEAT_MS);
      // Then it is asked anew at once: what happens in between it would not be told.
      const end = setTimeout(() => response.end('retry: 1000\n\n'), this.longestMs);
      response.once('close', () => {
        clearInterval(beat);
        clearTimeout(end);
        all.delete(listener);
        if (all.size === 0 && this.groups.get(groupId) === all) this.groups.delete(groupId);
      });
    });
  }

  changed(groupId: string, byTab: string | null): void {
    this.told++;
    for (const { response, tab } of this.groups.get(groupId) ?? []) {
      if (tab !== null && tab === byTab) continue;
      if (response.writableLength > MOST_WAITING_BYTES) response.end();
      else response.write(`data: ${this.told}\n\n`);
    }
  }

  /** Pages that listen, over all groups. */
  get listening(): number {
    return [...this.groups.values()].reduce((sum, all) => sum + all.size, 0);
  }

  /** Lets everybody go: the server is leaving. */
  end(): void {
    for (const all of this.groups.values()) for (const { response } of all) response.end();
  }
}
