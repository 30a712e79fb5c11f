// Pickers note things while everything that can fail does; a journal outside the browsers says what was acknowledged, and the tables what is there.
import { createPool, type RowDataPacket } from 'mysql2/promise';
import { startServer, type RunningServer } from '../application.ts';
import { picker, type Picker } from './picker.ts';
import { lossyProxy } from './proxy.ts';

export const FAULTS = ['network', 'answer', 'tab', 'browser', 'server', 'database'] as const;
type Fault = (typeof FAULTS)[number];

export interface FaultRun {
  /** Things that are noted, over all pickers. */
  readonly entries: number;
  readonly pickers: readonly string[];
  /** One fault after so many acknowledged entries, each in turn. */
  readonly faults: readonly Fault[];
  readonly every: number;
  readonly databaseUrl: string;
  /** Kills the database and starts it again. */
  readonly killDatabase?: () => Promise<void>;
  readonly tell?: (line: string) => void;
}
export interface FaultTable {
  readonly tried: number;
  readonly acknowledged: number;
  /** Acknowledged, and not in the table exactly once. */
  readonly missing: readonly string[];
  readonly doubled: readonly string[];
  /** In the table though nobody was told so: the screen was gone before it could say it. */
  readonly unannounced: number;
  readonly happened: Readonly<Record<Fault, number>>;
  readonly answersLost: number;
  readonly seconds: number;
}

const [NETWORK_AWAY_MS, SERVER_AWAY_MS, MOST_IN_A_ROW] = [3_000, 1_000, 8];

export async function runFaults(run: FaultRun): Promise<FaultTable> {
  const began = Date.now();
  const env = { EMBERFIELD_DEMO: '1', EMBERFIELD_REQUESTS_PER_MINUTE: '100000' };
  let server: RunningServer = await startServer(run.databaseUrl, { ...env, EMBERFIELD_PORT: '0' });
  const { port } = new URL(server.url);
  const proxy = await lossyProxy(Number(port));
  const happened = Object.fromEntries(FAULTS.map((f) => [f, 0])) as Record<Fault, number>;
  const journal = { tried: [] as string[], acknowledged: [] as string[] };
  const people: Picker[] = [];
  try {
    for (const [i, name] of run.pickers.entries())
      people.push(await picker(proxy.url, name, (ids) => ids[(7 * i + 3) % ids.length]!));
    const each = Math.ceil(run.entries / people.length);
    let next = 0;
    let under: Promise<void> = Promise.resolve();
    const fail = async (fault: Fault, at: Picker): Promise<void> => {
      run.tell?.(`${journal.acknowledged.length} acknowledged; ${fault}${fault === 'answer' ? '' : `, ${at.name}`}`);
      if (fault === 'network') await at.dropNetwork(NETWORK_AWAY_MS);
      if (fault === 'answer') proxy.loseNext += people.length;
      if (fault === 'tab') await at.closeTab();
      if (fault === 'browser') await at.killBrowser();
      if (fault === 'database') await run.killDatabase?.();
      if (fault === 'server') {
        process.kill(server.pid, 'SIGKILL');
        await new Promise((go) => setTimeout(go, SERVER_AWAY_MS));
        server = await startServer(run.databaseUrl, { ...env, EMBERFIELD_PORT: port });
      }
      happened[fault]++;
    };
    /** One fault at a time, while everybody goes on. */
    function maybeFail(): void {
      if (journal.acknowledged.length < run.every * (next + 1)) return;
      const [fault, at] = [run.faults[next % run.faults.length]!, people[next % people.length]!];
      next++;
      under = under.then(() => fail(fault, at));
    }
    await Promise.all(
      people.map(async (one, i) => {
        let inARow = 0;
        for (let n = 0; n < each; n++) {
          const text = `fault ${i}-${n}`;
          journal.tried.push(text);
          try {
            await one.note(text);
            journal.acknowledged.push(text);
            inARow = 0;
            maybeFail();
          } catch (error) {
            run.tell?.(`${one.name}: ${String(error).split('\n')[0]!} ${await one.seen()}`);
            // Its tab or its browser is gone, or the page did not come: what was typed was not acknowledged. What never gets better is no fault of the run.
            if (++inARow > MOST_IN_A_ROW) throw error;
            await new Promise((go) => setTimeout(go, 500));
          }
        }
      }),
    );
    await under;
    proxy.loseNext = 0;
    for (const one of people) await one.drained();
    return {
      ...(await compared(run.databaseUrl, journal)),
      happened,
      answersLost: proxy.lost(),
      seconds: Math.round((Date.now() - began) / 1000),
    };
  } finally {
    for (const one of people) await one.end();
    await proxy.stop();
    await server.stop();
  }
}

/** The journal beside the tables. */
async function compared(
  databaseUrl: string,
  { tried, acknowledged }: { readonly tried: readonly string[]; readonly acknowledged: readonly string[] },
): Promise<Pick<FaultTable, 'tried' | 'acknowledged' | 'missing' | 'doubled' | 'unannounced'>> {
  const database = createPool(databaseUrl);
  try {
    const [rows] = await database.query<RowDataPacket[]>(
      "SELECT JSON_VALUE(body, '$.text') AS said, COUNT(*) AS n FROM entry WHERE kind = 'note' AND JSON_VALUE(body, '$.text') LIKE 'fault %' GROUP BY said",
    );
    const stored = new Map(rows.map((r) => [String(r['said']), Number(r['n'])]));
    const told = new Set(acknowledged);
    return {
      tried: tried.length,
      acknowledged: acknowledged.length,
      missing: acknowledged.filter((text) => !stored.has(text)),
      doubled: [...stored].filter(([, n]) => n > 1).map(([text]) => text),
      unannounced: [...stored.keys()].filter((text) => !told.has(text)).length,
    };
  } finally {
    await database.end();
  }
}
