// Where a worker thread begins: Node runs no TypeScript there by itself.
import { constants, setPriority } from 'node:os';
import { register } from 'tsx/esm/api';

register();
// Whoever answers goes first where there are fewer processors than threads (the system counts this by thread).
setPriority(0, constants.priority.PRIORITY_BELOW_NORMAL);
const { runTask } = await import('./tasks.ts');
export default runTask;
