export { commonsOf, taxaOf, type GroupCommons, type KnownGroup } from './operations/group-commons.ts';
export {
  bookPlace,
  bookUnderLock,
  dossiersEver,
  dossiersOf,
  standWithPlant,
  type Dossier,
  type GroupDossier,
} from './operations/dossier.ts';
export { groupState, keptOfGroup } from './operations/group-state.ts';
export { daysOfAll } from './operations/days-of-all.ts';
export { viewVerdict } from './operations/entry-page.ts';
export { heldKnowledge, KNOWS_NOTHING } from './operations/group-knowledge.ts';
export { seasonOfStand } from './operations/stand-answers.ts';
export { refOf } from './operations/stand-view.ts';
export { practisedDays } from './operations/practised.ts';
export { rememberEntry } from './operations/kept-records.ts';
export { claimStand, claimStandAt, insertStand, standById, standsOf, type StandAtPatch } from './repository.ts';
export { mountStands } from './routes.ts';
