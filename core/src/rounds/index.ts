export { timesOf, type Outing, type Span, type Stop, type Timed, type Visit } from './outing.ts';
export { planRound, whyNot, type Round, type WhyNot } from './round.ts';
export { OFF_PATH, USUAL_PACE, walkMinutes, type Pace, type Way } from './walking.ts';
