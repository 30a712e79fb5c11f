export { GroupLearning, learnFrom } from './group-learning.ts';
export { groupStands } from './group-stands.ts';
export { cameBy, historyOf, type SeasonSighting, type StandHistory } from './history.ts';
export { type LengthsOnDay, measuredAt } from './measured.ts';
export { signatureOf, toldApart } from './signature.ts';
export { lookedFor } from './never.ts';
export { LearnedStand } from './stand-learning.ts';
