// A worker thread: it gives way to whoever answers.
import { constants, setPriority } from 'node:os';
import { runTask } from './tasks.ts';

// Whoever answers goes first where there are fewer processors than threads (the system counts this by thread).
setPriority(0, constants.priority.PRIORITY_BELOW_NORMAL);
export default runTask;
