export { FOR_CARE } from './care-first.ts';
export { rootBalance, spentKj, WALKING, type Ground, type RootBalance } from './effort.ts';
export { knownEfforts, USUAL_MINUTES, type KnownEffort, type KnownEfforts } from './known-efforts.ts';
export { loadOf, timesOf, type Outing, type Span, type Stop, type Timed, type Visit } from './outing.ts';
export { worthOf } from './prize.ts';
export { pathNet, waysOnFoot, type PathNet } from './paths.ts';
export { planRound, whyNot, type WhyNot } from './round.ts';
export { paceWalked, trackEffort, type TrackEffort, type TrackPoint } from './track.ts';
export { USUAL_PACE, walkMinutes, type Pace } from './walking.ts';
