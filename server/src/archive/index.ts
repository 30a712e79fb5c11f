export { mountArchive } from './routes.ts';
