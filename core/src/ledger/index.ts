export { sumOf, type LedgerTake, type SeasonSum } from './line.ts';
export { shrinkProbability, suggest, type Suggestion, type SuggestLine, type SuggestStand } from './suggest.ts';
