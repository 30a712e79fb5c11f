// Loaded into a server that is measured: at SIGUSR2 it writes how late its event loop was since the last time, in milliseconds.
import { writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

const file = process.env.EMBERFIELD_DELAYS;
const STEP_MS = 5;
if (isMainThread && file) {
  const delays = monitorEventLoopDelay({ resolution: STEP_MS });
  delays.enable();
  // What is counted includes the step itself.
  const ms = (nanoseconds) => Math.max(0, nanoseconds / 1e6 - STEP_MS);
  process.on('SIGUSR2', () => {
    writeFileSync(file, JSON.stringify({ p99: ms(delays.percentile(99)), max: ms(delays.max) }));
    delays.reset();
  });
}
