export { dossiersOf, identityOn, rulesInForce, standWithPlant, type Dossier } from './operations/dossier.ts';
export {
  allowanceOn,
  inUnit,
  isoRange,
  outlooksOn,
  viewAllowance,
  windowOfPart,
  windowOn,
} from './operations/outlook.ts';
export { viewVerdict } from './operations/entry-page.ts';
export { MODEL_REVISION, standSeason } from './operations/season-forecast.ts';
export { refOf } from './operations/stand-view.ts';
export { claimStand, insertStand, standById } from './repository.ts';
export { mountStands } from './routes.ts';
