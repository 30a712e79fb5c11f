// Where things are and which ports they use. Every value has an EMBERFIELD_* variable, so that checkouts can run side by side.
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));

// What is kept in memory is bounded by count; this keeps what is thrown away from piling up beside it.
export const SERVER_MEMORY = ['--max-old-space-size=256'];

// All below 32768: from there on the system hands ports out to whoever calls somewhere, and one may be taken for a moment.
const DEFAULT_PORTS = { demo: [4170, 27170], real: [4180, 27180], test: [4190, 27190] };

/** @param {'demo' | 'real' | 'test'} use */
export function settingsFor(use) {
  const [webPort, databasePort] = DEFAULT_PORTS[use];
  const number = (name, fallback) => {
    const text = process.env[name];
    if (text === undefined) return fallback;
    const value = Number(text);
    if (!Number.isInteger(value) || value < 1 || value > 65535) fail(`${name} must be a port number, not "${text}".`);
    return value;
  };
  return {
    use,
    folder: join(process.env.EMBERFIELD_DATA ?? join(ROOT, '.data'), use),
    webPort: number('EMBERFIELD_PORT', webPort),
    databasePort: number('EMBERFIELD_DB_PORT', databasePort),
    databaseUrl: process.env.DATABASE_URL ?? null,
  };
}

export function say(text) {
  process.stdout.write(`${text}\n`);
}

/** Ends the command with a sentence that says what to do. */
export function fail(text) {
  process.stderr.write(`\n${text}\n`);
  process.exit(1);
}
