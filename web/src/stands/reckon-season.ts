import type { OwnAnswer } from './own-season.ts';
import type { SeasonAsked, SeasonTold } from './season.worker.ts';

let worker: Worker | null = null;
let last = 0;
const asked = new Map<number, (own: OwnAnswer | null) => void>();

/** One worker for all stands of a page: a list of ten must not have ten. `null` where it failed: the page stays as it was read. */
export function reckonSeason(question: Omit<SeasonAsked, 'id'>): Promise<OwnAnswer | null> {
  worker ??= start();
  const id = ++last;
  // A page's own wrappers cannot be handed over: the plain thing is.
  worker.postMessage(JSON.parse(JSON.stringify({ id, ...question })) as SeasonAsked);
  return new Promise((tell) => asked.set(id, tell));
}
function start(): Worker {
  const made = new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' });
  made.onmessage = ({ data }: MessageEvent<SeasonTold>) => {
    asked.get(data.id)?.(data.own);
    asked.delete(data.id);
  };
  // The browser names the error; whoever asked goes on without, and the next question has a new one.
  made.onerror = () => {
    made.terminate();
    worker = null;
    for (const tell of asked.values()) tell(null);
    asked.clear();
  };
  return made;
}
