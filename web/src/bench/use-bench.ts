import { onScopeDispose, ref, shallowReactive, watch, type Ref } from 'vue';
import type { FutureTold, LastingShare, StandPlan } from '@emberfield/core/population';
import { MOST_RUNS, type Asked, type Told } from './play.ts';
import { PLAN_KEYS, type PlanKey, type Plans } from './plans.ts';

/** What the bench is to play. */
export interface Wanted {
  readonly prospect: Asked['prospect'];
  readonly lasting: Asked['lasting'];
  readonly plans: Plans;
  /** The plan whose share is sought that lasts. */
  readonly seek: StandPlan;
}

/** More would only heat a pocket. */
const MOST_PLAYERS = 6;

/** Has what is wanted played by workers, and holds what came of it so far. Only what changed is played anew. */
export function useBench(wanted: Ref<Wanted | null>) {
  const told = shallowReactive(new Map<PlanKey, FutureTold>());
  const found = ref<LastingShare | null>(null);
  const busy = ref(false);
  const failed = ref(false);
  /** Under what each was played to the end. */
  const played = new Map<PlanKey, string>();
  let asked: Plans = {};
  /** Of what stand, part, years and floor all this is told. */
  let about = '';
  let worker: Worker | null = null;
  const players: Worker[] = [];
  let id = 0;

  function take(data: Told): void {
    if (data.id !== id) return;
    if (data.kind === 'done') busy.value = false;
    else if (data.kind === 'lasting') {
      found.value = data.found;
      // Where nothing lasts after all, nothing is told of it.
      if (data.found.share === null) told.delete('lasting');
      else if (wanted.value) asked = { ...asked, lasting: { ...wanted.value.seek, share: data.found.share } };
    } else {
      told.set(data.plan, data.told);
      if (data.told.runs === MOST_RUNS) played.set(data.plan, JSON.stringify(asked[data.plan]));
    }
  }
  function dismiss(): void {
    for (const w of [worker, ...players.splice(0)]) w?.terminate();
    worker = null;
  }
  /** Whoever tries again has others. */
  function fail(): void {
    dismiss();
    failed.value = true;
    busy.value = false;
  }
  /** One worker that hands out and tells, and as many as there are cores that play: the page itself does neither. */
  function start(): Worker {
    const made = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = ({ data }: MessageEvent<Told>) => take(data);
    made.onerror = fail;
    const count = Math.min(MOST_PLAYERS, Math.max(1, navigator.hardwareConcurrency || 1));
    const ports = Array.from({ length: count }, () => {
      const player = new Worker(new URL('./player.worker.ts', import.meta.url), { type: 'module' });
      player.onerror = fail;
      players.push(player);
      const { port1, port2 } = new MessageChannel();
      player.postMessage(port1, [port1]);
      return port2;
    });
    made.postMessage({ players: ports }, ports);
    return made;
  }
  function ask(): void {
    if (!wanted.value) return;
    const { plans, seek, ...rest } = wanted.value;
    forgetUnless(JSON.stringify({ seek, ...rest }));
    const share = found.value?.share ?? null;
    asked = share === null ? plans : { ...plans, lasting: { ...seek, share } };
    // A plan that was dropped is told no more.
    for (const key of [...told.keys()].filter((k) => !asked[k])) {
      told.delete(key);
      played.delete(key);
    }
    const changed = PLAN_KEYS.filter((key) => asked[key] && played.get(key) !== JSON.stringify(asked[key]));
    const sharp = found.value?.runs === MOST_RUNS;
    if (changed.length === 0 && sharp) return;
    worker ??= start();
    busy.value = true;
    failed.value = false;
    const message: Asked = {
      id: ++id,
      ...rest,
      plans: Object.fromEntries(changed.map((key) => [key, asked[key]])),
      seek: sharp ? null : seek,
    };
    // A page's own wrappers cannot be handed over: the plain thing is.
    worker.postMessage(JSON.parse(JSON.stringify(message)) as Asked);
  }
  /** Of another stand, part, length or floor nothing holds that was told before. */
  function forgetUnless(same: string): void {
    if (same === about) return;
    about = same;
    told.clear();
    played.clear();
    found.value = null;
  }
  function stop(): void {
    worker?.postMessage({ id: ++id, stop: true });
    busy.value = false;
  }
  watch(wanted, ask, { immediate: true });
  onScopeDispose(dismiss);
  return { told, found, busy, failed, stop, goOn: ask };
}
