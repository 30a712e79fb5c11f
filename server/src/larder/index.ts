export { viewLarder } from './operations/larder.ts';
export { mountLarder } from './routes.ts';
export { insertTaste } from './repository.ts';
