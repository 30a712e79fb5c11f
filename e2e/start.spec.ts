import { expect } from 'chai';
import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const WEB_PORT = 4310;
const DATABASE_PORT = 27310;
const LONGEST_WAIT_MS = 90_000;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

interface Started {
  readonly process: ChildProcess;
  readonly output: () => string;
  readonly says: (what: RegExp) => Promise<RegExpExecArray>;
  readonly ends: () => Promise<number | null>;
}

/** The start command as a newcomer runs it, with folder and ports of its own. */
function start(folder: string): Started {
  const { DATABASE_URL: _, ...env } = process.env;
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: ROOT,
    env: {
      ...env,
      EMBERFIELD_DATA: folder,
      EMBERFIELD_PORT: String(WEB_PORT),
      EMBERFIELD_DB_PORT: String(DATABASE_PORT),
      EMBERFIELD_LOG: 'warn',
    },
  });
  let output = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (data: Buffer) => void (output += data.toString()));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return {
    process: child,
    output: () => output,
    says: async (what) => {
      for (let waited = 0; waited < LONGEST_WAIT_MS; waited += 100) {
        const found = what.exec(output);
        if (found) return found;
        if (child.exitCode !== null) break;
        await pause(100);
      }
      throw new Error(`The start command did not say ${String(what)}: ${output}`);
    },
    ends: () => ended,
  };
}
const OWN_URL = `http://127.0.0.1:${WEB_PORT}`;
const READY = /Emberfield: (http:\/\/127\.0\.0\.1:\d+)/;
const answers = (url: string): Promise<boolean> =>
  fetch(`${url}/api/health`).then(
    (r) => r.ok,
    () => false,
  );
const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

describe('the start command', function () {
  let folder: string;
  const begun: Started[] = [];
  const begin = (): Started => {
    const started = start(folder);
    begun.push(started);
    return started;
  };
  before(() => {
    folder = mkdtempSync(join(tmpdir(), 'emberfield-start-'));
    // The database runs as a user without rights, who has to get in.
    chmodSync(folder, 0o755);
  });
  after(async () => {
    for (const { process: child, ends } of begun)
      if (child.exitCode === null && child.signalCode === null) {
        child.kill('SIGTERM');
        await ends();
      }
    rmSync(folder, { recursive: true, force: true });
  });
  const databasePid = (): number => Number(readFileSync(join(folder, 'real', 'mariadb', 'mariadb.pid'), 'utf8'));

  it('serves an empty Emberfield, and prints its address and the code to found a group', async () => {
    const first = begin();
    const [, url] = await first.says(READY);
    await first.says(/One-time code: ([a-z0-9]{4}-){3}[a-z0-9]{4}/);
    expect(await answers(url!)).to.equal(true);
    const page = await (await fetch(url!)).text();
    expect(page).to.include('<title>Emberfield');
  });
  it('started again finds the one that runs, and leaves it alone', async () => {
    const second = begin();
    await second.says(/is running already: http:\/\/127\.0\.0\.1:4310/);
    expect(await second.ends()).to.equal(0);
    expect(await answers(OWN_URL)).to.equal(true);
  });
  it('recovers from being killed: the next start ends what was left and serves on the same port', async () => {
    const [killed] = begun;
    killed!.process.kill('SIGKILL');
    await killed!.ends();
    const next = begin();
    const [, url] = await next.says(READY);
    expect(url).to.equal(OWN_URL);
    expect(await answers(url!)).to.equal(true);
  });
  it('ends at SIGTERM with nothing left running, not even a database that an earlier start left', async () => {
    const running = begun.at(-1)!;
    const pid = databasePid();
    running.process.kill('SIGTERM');
    expect(await running.ends()).to.equal(0);
    expect(await answers(OWN_URL)).to.equal(false);
    expect(isAlive(pid)).to.equal(false);
  });
  it('says so and ends when its database is killed; the next start finds everything again', async () => {
    const running = begin();
    await running.says(READY);
    process.kill(databasePid(), 'SIGKILL');
    await running.says(/The database has ended/);
    expect(await running.ends()).to.equal(1);
    expect(await answers(OWN_URL)).to.equal(false);
    const next = begin();
    await next.says(READY);
    const session = (await (await fetch(`${OWN_URL}/api/session`)).json()) as { canFound: boolean };
    expect(session.canFound).to.equal(true);
    next.process.kill('SIGINT');
    expect(await next.ends()).to.equal(0);
  });
  it('says which variable is wrong, and starts nothing', async () => {
    const { DATABASE_URL: _, ...env } = process.env;
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      cwd: ROOT,
      env: { ...env, EMBERFIELD_DATA: folder, EMBERFIELD_PORT: 'eighty' },
    });
    let said = '';
    child.stderr.on('data', (data: Buffer) => void (said += data.toString()));
    expect(await new Promise((resolve) => child.on('exit', resolve))).to.equal(1);
    expect(said).to.include('EMBERFIELD_PORT must be a port number, not "eighty"');
  });
});
