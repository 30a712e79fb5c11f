import {
  DRAWN_RUNS,
  emptyPlayed,
  heldBySlice,
  playFuture,
  type Lasting,
  type Played,
  type StandPlan,
  type StandProspect,
} from '@emberfield/core/population';

/** What is played, for all tasks until the next is said. */
interface About {
  readonly prospect: StandProspect;
  readonly lasting: Lasting;
}
/** What comes of some runs of a plan: how they went, or in how many of each slice the stand held at the end. */
interface Results {
  readonly play: Played;
  readonly held: readonly number[];
}
type Kind = keyof Results;
export interface Task<K extends Kind = Kind> {
  readonly kind: K;
  readonly plan: StandPlan;
  readonly first: number;
  readonly runs: number;
}
type Message = { readonly about: About } | { readonly n: number; readonly task: Task };
interface Done {
  readonly n: number;
  readonly done: Results[Kind];
}
/** One end of a channel. */
export type Port = Pick<MessagePort, 'postMessage' | 'onmessage'>;

/** As many runs are played at a time: few enough that whoever asks for something else does not wait for the last. */
const TASK_RUNS = 5 * DRAWN_RUNS;

/** Plays what comes in by a port. What is drawn of a prospect is kept as long as the same is asked about. */
export function serve(port: Port): void {
  let about: About | null = null;
  let said = '';
  port.onmessage = ({ data }: MessageEvent<Message>): void => {
    if ('about' in data) {
      const saying = JSON.stringify(data.about);
      if (saying !== said) [about, said] = [data.about, saying];
    } else if (about) {
      const done = doTask(about, data.task);
      port.postMessage({ n: data.n, done } satisfies Done, 'plants' in done ? buffersOf(done) : []);
    }
  };
}

function doTask({ prospect, lasting }: About, { kind, plan, first, runs }: Task): Done['done'] {
  if (kind === 'held') return heldBySlice(prospect, plan, lasting, { first, runs });
  const into = emptyPlayed(runs, lasting.years);
  for (let at = first; at < first + runs; at += DRAWN_RUNS) playFuture(prospect, plan, at, into, first);
  return into;
}

const buffersOf = ({ began, plants, touched }: Played): ArrayBuffer[] =>
  [began, plants, touched].map((a) => a.buffer as ArrayBuffer);

/** Those who play: tasks go to whoever is free. */
export interface Crew {
  readonly begin: (about: About) => void;
  /** Has all tasks done and takes what comes of each. False where something else was asked meanwhile: then the rest is left. */
  readonly all: <K extends Kind>(
    tasks: readonly Task<K>[],
    take: (task: Task<K>, done: Results[K]) => void,
    isAsked: () => boolean,
  ) => Promise<boolean>;
}

export function crewOf(ports: readonly Port[]): Crew {
  const waiting = new Map<number, (done: Done['done']) => void>();
  let last = 0;
  for (const port of ports)
    port.onmessage = ({ data: { n, done } }: MessageEvent<Done>): void => {
      waiting.get(n)?.(done);
      waiting.delete(n);
    };
  const ask = <K extends Kind>(port: Port, task: Task<K>): Promise<Results[K]> =>
    new Promise((resolve) => {
      // Whoever serves answers a task with what comes of its kind.
      waiting.set(++last, resolve as (done: Results[Kind]) => void);
      port.postMessage({ n: last, task } satisfies Message);
    });
  return {
    begin: (about) => ports.forEach((port) => port.postMessage({ about } satisfies Message)),
    all: async (tasks, take, isAsked) => {
      const left = [...tasks];
      await Promise.all(
        ports.map(async (port) => {
          for (let task = left.shift(); task; task = left.shift()) {
            const done = await ask(port, task);
            if (!isAsked()) return;
            take(task, done);
          }
        }),
      );
      return isAsked();
    },
  };
}

/** Runs from one up to another, cut into tasks. */
export function tasksOf<K extends Kind>(kind: K, plan: StandPlan, from: number, to: number): readonly Task<K>[] {
  const tasks: Task<K>[] = [];
  for (let first = from; first < to; first += TASK_RUNS)
    tasks.push({ kind, plan, first, runs: Math.min(TASK_RUNS, to - first) });
  return tasks;
}
