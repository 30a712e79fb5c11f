export { commonsOf, type GroupCommons, type KnownGroup } from './operations/group-commons.ts';
export {
  dossiersOf,
  dossierUnderLock,
  rulesInForce,
  standWithPlant,
  type Dossier,
  type GroupDossier,
} from './operations/dossier.ts';
export { allowanceOn, inUnit, isoRange, outlooksOn, windowOfPart, windowOn } from './operations/outlook.ts';
export { groundSpans } from './operations/ground.ts';
export { outlooksOfAll, type Reading } from './operations/outlooks-of-all.ts';
export { identityOn } from './operations/identity-standing.ts';
export { deadlyOpen, lookAlikesOn, showsNext, showsOn } from './operations/look-alikes.ts';
export { stillAwaited } from './operations/stand-record.ts';
export { viewAllowance } from './operations/allowance-view.ts';
export { viewVerdict } from './operations/entry-page.ts';
export { heldKnowledge, KNOWS_NOTHING } from './operations/group-knowledge.ts';
export { NOTHING_SEEN, type Forecastable } from './operations/forecast-input.ts';
export { MODEL_REVISION, standSeason } from './operations/season-forecast.ts';
export { refOf } from './operations/stand-view.ts';
export { rememberEntry } from './operations/kept-records.ts';
export { claimStand, insertStand, standById, standsOf, type StandAtPatch } from './repository.ts';
export { mountStands } from './routes.ts';
