export { startWorkers, type WorkerPool } from './pool.ts';
