export { mountPhotos } from './routes.ts';
