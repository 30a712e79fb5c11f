export { mountPhotos } from './routes.ts';
export { insertPhoto, pictureOf, type PhotoRow } from './repository.ts';
