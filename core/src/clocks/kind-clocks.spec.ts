import { expect } from 'chai';
import { firstOfYear } from '../measure/index.ts';
import type { StageSpec } from '../stages/index.ts';
import { driveOf, FAMILY } from './family.ts';
import { kindClocks, type KindClock } from './kind-clocks.ts';
import { about, gatheredOn, inDays, madeWeather, seenBy, stationOf } from './made-seasons.ts';
import { Restating } from './restated.ts';
import { stageClocks } from './stage-clock.ts';

const days = madeWeather(2008, 2026);
const weather = stationOf(days);
const UNTIL = firstOfYear(2026) + 30;
const warm = (baseC: number, sum: number, calendar = 120): StageSpec => ({
  key: 'flower',
  bbch: 6,
  calendar: inDays(calendar, 10),
  model: { kind: 'thermal', start: '01-01', baseC: about(baseC), sum: about(sum) },
});
const SEASONS = Array.from({ length: 9 }, (_, k) => 2017 + k);
/** Nature that asks for little warmth, by a curve that nobody in the family has. */
const nature = (meanC: number): number => 1 / (1 + Math.exp(-0.3 * (meanC - 4)));
const came = (seasons: readonly number[]) => new Map(seasons.map((y) => [y, gatheredOn(days, y, 52, nature)] as const));
const weightOf = (clocks: readonly KindClock[], key: string): number =>
  clocks.filter((c) => c.forms.warmth === key).reduce((sum, c) => sum + c.weights[0]!, 0);

describe('the clocks of a kind', () => {
  it('are the profile’s own while nothing, or one season alone, was seen', () => {
    for (const seasons of [[], [2025]]) {
      const clocks = kindClocks([seenBy([warm(9, 60)], weather, came(seasons))], UNTIL);
      expect(clocks).to.have.length(1);
      expect(clocks[0]!.stages[0]).to.deep.equal(warm(9, 60));
      expect(clocks[0]!.weights).to.deep.equal([1]);
    }
  });
  it('let nature speak after many: what goes by little warmth is no longer dated by a base of 9 °C', () => {
    const stand = seenBy([warm(9, 60)], weather, came(SEASONS));
    const [few, many] = [came([2024, 2025]), came(SEASONS)].map((seen) =>
      kindClocks([seenBy(stand.place.stages, weather, seen)], UNTIL),
    );
    expect(weightOf(many!, 'profile')).to.be.below(weightOf(few!, 'profile'));
    expect(weightOf(many!, 'profile')).to.be.below(0.35);
    expect(many!.reduce((sum, c) => sum + c.weights[0]!, 0)).to.be.closeTo(1, 1e-9);
  });
  it('keep the profile’s where it is the right one', () => {
    const seen = new Map(SEASONS.map((y) => [y, gatheredOn(days, y, 250, (c) => Math.max(0, c - 6))] as const));
    const clocks = kindClocks([seenBy([warm(6, 250)], weather, seen)], UNTIL);
    const slow = weightOf(clocks, 'warmAboveMinus5') + weightOf(clocks, 'calendar');
    expect(weightOf(clocks, 'profile')).to.be.above(slow);
  });
  it('of a plant that is known by a rough date alone are found out, unless the calendar alone brings it on', () => {
    const dated = (alone: boolean): StageSpec => ({
      ...warm(0, 1, 100),
      model: { kind: 'calendar', direction: 'none', ...(alone ? { alone } : {}) },
    });
    const clocksOf = (alone: boolean) => kindClocks([seenBy([dated(alone)], weather, came(SEASONS))], UNTIL);
    const learned = clocksOf(false);
    expect(weightOf(learned, 'profile') + weightOf(learned, 'calendar')).to.be.below(0.4);
    expect(learned.some((c) => c.stages[0]!.model.kind === 'thermal')).to.equal(true);
    expect(clocksOf(true).map((c) => c.stages[0])).to.deep.equal([dated(true)]);
  });
  it('are learned of nothing after the day of asking', () => {
    const stand = seenBy([warm(9, 60)], weather, came(SEASONS));
    const then = firstOfYear(2021) + 30;
    const early = { ...stand, sightings: stand.sightings.filter((s) => s.day <= then) };
    const later = stationOf(madeWeather(2008, 2026, (day) => (day > then ? 15 : 0)));
    const elsewhere = { ...stand, place: { ...stand.place, weather: later } };
    expect(kindClocks([elsewhere], then)).to.deep.equal(kindClocks([early], then));
  });
  it('without weather are the profile’s', () => {
    expect(kindClocks([seenBy([warm(9, 60)], null, came(SEASONS))], UNTIL)).to.have.length(1);
  });
});

describe('a profile restated', () => {
  const place = seenBy([warm(5, 180)], weather, new Map()).place;
  const restating = new Restating(place);
  const expected = (stages: readonly StageSpec[], season: number): number =>
    stageClocks({ ...place, stages }, season, { until: Infinity, bounds: [{ after: null, by: null }] })[0]!.expected;

  it('comes on the same days as the profile, in the mean of the years, by every clock of the family', () => {
    const years = [2018, 2019, 2020, 2021, 2022, 2023, 2024, 2025];
    for (const form of FAMILY.warmth) {
      const stages = restating.under({ warmth: form });
      const off = years.map((y) => expected(stages, y) - expected(place.stages, y));
      expect(Math.abs(off.reduce((a, b) => a + b, 0) / years.length), form.key).to.be.below(3);
    }
  });
  it('keeps how sure it is, in days', () => {
    for (const form of FAMILY.warmth.filter((f) => f.model && f.key !== 'calendar')) {
      const [stage] = restating.under({ warmth: form });
      const { model } = stage!;
      const { low, value, high } = 'sum' in model ? model.sum : stage!.calendar;
      expect(low, form.key).to.be.below(value);
      expect(high, form.key).to.be.above(value);
    }
  });
  it('moves otherwise with height: what counts every mild day is held back more by a cold place than what waits for warm ones', () => {
    const high = { ...place, site: { ...place.site, heightM: 650 } };
    const late = (key: string): number => {
      const stages = restating.under({ warmth: FAMILY.warmth.find((f) => f.key === key)! });
      const bounds = [{ after: null, by: null }];
      const at = (p: typeof place) => stageClocks({ ...p, stages }, 2022, { until: Infinity, bounds })[0]!.expected;
      return at(high) - at(place);
    };
    expect(late('warmAboveMinus5')).to.be.above(late('warmAbove8') + 3);
  });
  it('of a stage that would never come stands on its calendar day', () => {
    const never = new Restating({ ...place, stages: [warm(5, 90_000, 196)] });
    const stages = never.under({ warmth: FAMILY.warmth.find((f) => f.key === 'warmAbove0')! });
    expect(expected(stages, 2022)).to.be.within(188, 204);
  });
  it('leaves alone what neither warmth nor cool drives', () => {
    const frost: StageSpec = {
      ...warm(5, 1),
      model: { kind: 'firstFrost', start: '08-15', thresholdC: inDays(-1, 0.5) },
    };
    expect(driveOf(frost)).to.equal(null);
    // Days that nobody tabulated: by the time of the year, unless somebody knows that the calendar alone brings them.
    const on = (value: number, alone?: boolean): StageSpec => ({
      ...frost,
      calendar: { value, low: value, high: value, source: 'estimate' },
      model: { kind: 'calendar', direction: 'none', ...(alone ? { alone } : {}) },
    });
    expect([driveOf(on(120)), driveOf(on(280)), driveOf(on(120, true))]).to.deep.equal(['warmth', 'cool', null]);
    expect(new Restating({ ...place, stages: [frost] }).under({ warmth: FAMILY.warmth[1]! })).to.deep.equal([frost]);
  });
});
