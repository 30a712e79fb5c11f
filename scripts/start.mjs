// One command: installs what is missing, starts the private database, brings its tables up to date, builds, serves.
//   node scripts/start.mjs            an empty Emberfield
//   node scripts/start.mjs --demo     the demo island
//   node scripts/start.mjs --dev      with hot reload, for developers
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll, viteProgram } from './build.mjs';
import { freePort, isTaken, pause, startDatabase } from './database.mjs';
import { ensurePackages } from './install.mjs';
import { ROOT, SERVER_MEMORY, say, settingsFor } from './settings.mjs';

const demo = process.argv.includes('--demo');
const dev = process.argv.includes('--dev');
const DEMO_DAY = '2026-05-15';
const LONGEST_STOP_MS = 10_000;
const settings = settingsFor(demo ? 'demo' : 'real');
mkdirSync(settings.folder, { recursive: true });
const runFile = join(settings.folder, 'run.json');

const running = await alreadyRunning();
if (running) {
  say(`Emberfield is running already: ${running}`);
  process.exit(0);
}

// From here on an interruption must leave nothing running.
const toStop = [];
let stopping = null;
const stop = (code) => {
  stopping ??= (async () => {
    for (const end of toStop.reverse()) await end();
    rmSync(runFile, { force: true });
    process.exit(code);
  })();
  return stopping;
};
process.on('SIGINT', () => stop(0));
process.on('SIGTERM', () => stop(0));

ensurePackages();
let databaseUrl = settings.databaseUrl;
if (databaseUrl) say('Using the database that DATABASE_URL names.');
else {
  say('Starting the private database …');
  const database = await startDatabase(settings);
  databaseUrl = database.url;
  toStop.push(database.stop);
  database.ended.then(() => {
    if (!stopping) {
      say('The database has ended. Start Emberfield again: it recovers by itself.');
      stop(1);
    }
  });
}
const env = {
  ...process.env,
  DATABASE_URL: databaseUrl,
  EMBERFIELD_BASE_MAP: join(ROOT, 'demo', 'map', 'ostrey.geojson'),
};
if (demo) Object.assign(env, { EMBERFIELD_DEMO: '1', EMBERFIELD_TODAY: process.env.EMBERFIELD_TODAY ?? DEMO_DAY });
if (demo) await runNode('Loading the demo island …', ['--import', 'tsx', 'demo/src/main.ts']);
if (demo && !env.EMBERFIELD_WEATHER) await startWeatherStandIn();
if (!dev && !buildAll()) {
  say('That could not be built; see above.');
  await stop(1);
}

const port = await keptPort();
/** A web server that dies is brought back, unless it dies again and again. */
const MOST_DEATHS = 5;
const DEATHS_WITHIN_MS = 60_000;
const deaths = [];
let server = startServer();
toStop.push(() => endProcess(server));

function startServer() {
  const child = spawn(
    process.execPath,
    [...SERVER_MEMORY, ...(dev ? ['--import', 'tsx', 'server/src/main.ts'] : ['server/dist/main.mjs'])],
    {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
      env: { ...env, EMBERFIELD_PORT: String(port), EMBERFIELD_WEB: dev ? '' : join(ROOT, 'web', 'dist') },
    },
  );
  child.on('exit', (code, signal) => {
    if (stopping) return;
    const now = Date.now();
    deaths.push(now);
    while (now - deaths[0] > DEATHS_WITHIN_MS) deaths.shift();
    say(`The web server has ended${code ? ` with code ${code}` : signal ? ` by ${signal}` : ''}.`);
    if (deaths.length >= MOST_DEATHS) return stop(1);
    say('It is started again.');
    server = startServer();
  });
  child.stdout.setEncoding('utf8');
  child.stdout.on('data', (text) => {
    for (const line of text.split('\n').filter(Boolean)) {
      if (line.startsWith('EMBERFIELD_READY')) ready();
      else if (line.startsWith('EMBERFIELD_CODE'))
        say(`\nNobody has founded a group yet. One-time code: ${line.split(' ')[1]}\n`);
      else process.stdout.write(`${line}\n`);
    }
  });
  return child;
}
if (dev) startVite();

function ready() {
  const address = `http://127.0.0.1:${port}`;
  writeFileSync(runFile, JSON.stringify({ pid: process.pid, port, server: server.pid }));
  if (dev) return;
  say(`\nEmberfield: ${address}`);
  if (demo)
    say(
      `Demo day: ${env.EMBERFIELD_TODAY}. Come in as Tavi (keeper), Mirel or Ode (pickers) or Brannoc (watcher): press a tile on the first page.`,
    );
  say('Ctrl-C ends it.');
}

/** The weather service of the demo is a simulated one, on loopback. */
async function startWeatherStandIn() {
  const child = spawn(process.execPath, ['--import', 'tsx', 'demo/src/serve-weather.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true,
    env,
  });
  toStop.push(() => endProcess(child));
  const settingsOfIt = await new Promise((resolve) => {
    let output = '';
    child.stdout.on('data', (data) => {
      output += data;
      const found = /EMBERFIELD_WEATHER_READY (\S+) (.+)\n/.exec(output);
      if (found) resolve({ EMBERFIELD_WEATHER: found[1], EMBERFIELD_WEATHER_FIELDS: found[2] });
    });
    child.on('exit', () => resolve(null));
  });
  Object.assign(env, settingsOfIt ?? {});
}

function startVite() {
  const vite = spawn(process.execPath, [viteProgram(), '--port', String(port + 1)], {
    cwd: join(ROOT, 'web'),
    stdio: 'inherit',
    env: { ...env, EMBERFIELD_API: `http://127.0.0.1:${port}` },
    detached: true,
  });
  toStop.push(() => endProcess(vite));
}

/** The port stays the same from start to start: another port is another origin for the browser. */
async function keptPort() {
  const file = join(settings.folder, 'port');
  const wanted = process.env.EMBERFIELD_PORT
    ? settings.webPort
    : existsSync(file)
      ? Number(readFileSync(file, 'utf8'))
      : settings.webPort;
  const found = await freePort(wanted);
  if (found !== wanted) say(`Port ${wanted} is taken by another program; using ${found}.`);
  else writeFileSync(file, String(found));
  return found;
}

async function alreadyRunning() {
  if (!existsSync(runFile)) return null;
  const { pid, port: at, server: orphan } = JSON.parse(readFileSync(runFile, 'utf8'));
  const answers = () =>
    fetch(`http://127.0.0.1:${at}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
  try {
    process.kill(pid, 0);
  } catch {
    // The start command was killed before it could tidy up: its web server may still hold the port.
    if (orphan && (await answers())) {
      try {
        process.kill(orphan, 'SIGTERM');
        for (let i = 0; i < 100 && (await isTaken(at)); i++) await pause(100);
      } catch {
        // It ended by itself in the meantime.
      }
    }
    rmSync(runFile);
    return null;
  }
  return (await answers()) ? `http://127.0.0.1:${at}` : null;
}

function runNode(title, args) {
  say(title);
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env });
    const end = () => endProcess(child);
    toStop.push(end);
    child.on('exit', (code) => {
      toStop.splice(toStop.indexOf(end), 1);
      if (stopping) return;
      if (code === 0) resolve();
      else {
        say('That did not work; see above.');
        stop(1);
      }
    });
  });
}

async function endProcess(child) {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((resolve) => child.on('exit', resolve));
  child.kill('SIGTERM');
  await Promise.race([gone, pause(LONGEST_STOP_MS)]);
  if (child.exitCode === null) child.kill('SIGKILL');
}

process.on('uncaughtException', (error) => {
  say(String(error?.stack ?? error));
  stop(1);
});
