export { mountLarder } from './routes.ts';
