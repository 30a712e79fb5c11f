import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { addPhoto, forgetPhoto, listPhotos, showPhoto } from './operations/photos.ts';
import { knownPhotos } from './operations/known-photos.ts';
import { addPiece, listPieces } from './operations/pieces.ts';

export function mountPhotos(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.knownPhotos, (c) => knownPhotos(deps, c));
  endpoints.inGroup(ROUTES.photos, (c) => listPhotos(deps, c));
  endpoints.inGroup(ROUTES.addPhoto, (c) => addPhoto(deps, c));
  endpoints.inGroup(ROUTES.photoPieces, (c) => listPieces(deps, c));
  endpoints.inGroup(ROUTES.addPhotoPiece, (c) => addPiece(deps, c));
  endpoints.inGroup(ROUTES.photo, (c) => showPhoto(deps, c));
  endpoints.inGroup(ROUTES.forgetPhoto, (c) => forgetPhoto(deps, c));
}
