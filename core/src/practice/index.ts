export {
  AMOUNT_RULES,
  amountCard,
  pairCards,
  signCards,
  stageCards,
  type AmountCard,
  type PairCard,
  type PracticeCard,
  type StageCard,
} from './cards.ts';
export { answered, nextCards, type Answer, type CardState } from './schedule.ts';
