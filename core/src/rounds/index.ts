export { timesOf, type Outing, type Span, type Stop, type Timed, type Visit } from './outing.ts';
export { worthOf } from './prize.ts';
export { planRound, whyNot, type WhyNot } from './round.ts';
export { USUAL_PACE, walkMinutes, type Pace } from './walking.ts';
