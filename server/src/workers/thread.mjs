// Where a worker thread begins: Node runs no TypeScript there by itself.
import { register } from 'tsx/esm/api';

register();
const { runTask } = await import('./tasks.ts');
export default runTask;
