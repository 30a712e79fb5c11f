export { insertWant } from './repository.ts';
export { mountSupply } from './routes.ts';
