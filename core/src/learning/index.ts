export { cameBy, GroupLearning, type GroupStand, groupStand } from './group-learning.ts';
export { historyOf, type SeasonSighting, type SeenStand, type StandHistory } from './history.ts';
export { type LengthsOnDay, measuredAt } from './measured.ts';
export { signatureOf, toldApart } from './signature.ts';
export { seasonAsItWas, type SeasonPlace } from './stage-clock.ts';
export { LearnedStand } from './stand-learning.ts';
