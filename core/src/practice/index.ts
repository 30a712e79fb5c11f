export {
  AMOUNT_RULES,
  amountCard,
  pairCards,
  photoCards,
  signCards,
  stageCards,
  type AmountCard,
  type PairCard,
  type PracticeCard,
  type StageCard,
} from './cards.ts';
export { answered, isDeadly, nextCards, type Answer, type CardState } from './schedule.ts';
