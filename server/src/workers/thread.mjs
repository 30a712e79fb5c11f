// Where a worker thread begins while the server runs from its sources: Node runs no TypeScript there by itself.
import { register } from 'tsx/esm/api';

register();
export default (await import('./thread.ts')).default;
