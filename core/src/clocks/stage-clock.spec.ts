import { extremesOn } from '../climate/ensemble.ts';
import { expect } from 'chai';
import { firstOfYear } from '../measure/index.ts';
import { joinDays } from '../weather/weather.ts';
import type { StageSpec } from '../stages/stage-model.ts';
import { seasonAsItWas, type SeasonPlace } from '../stages/index.ts';
import { stageClocks } from './stage-clock.ts';

const about = (value: number, spread = 0) => ({ value, low: value - spread, high: value + spread, source: 'estimate' });
const stage = (key: string, day: number, model: StageSpec['model']): StageSpec => ({
  key,
  bbch: 1,
  calendar: about(day, 10),
  model,
});
const thermal = (sum: number): StageSpec['model'] => ({
  kind: 'thermal',
  start: '01-01',
  baseC: about(5),
  sum: { value: sum, low: sum / 1.25, high: sum * 1.25, source: 'estimate' },
});
/** Ten degrees all year in 2024, twelve in 2025: five and seven degree days a day above 5 °C. */
const FIRST = firstOfYear(2024);
const series = joinDays(
  Array.from({ length: 731 }, (_, i) => ({ day: FIRST + i, minC: i < 366 ? 10 : 12, maxC: i < 366 ? 10 : 12 })),
)!;
const climatology = { minC: new Float64Array(366).fill(11), maxC: new Float64Array(366).fill(11) };
const place = (stages: readonly StageSpec[], over: Partial<SeasonPlace> = {}): SeasonPlace => ({
  stages,
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 40 },
  site: { latitudeDeg: 46, heightM: 40 },
  weather: { series, climatology, heightM: 40 },
  ...over,
});
const NOTHING_SEEN = { after: null, by: null };
const clocksOf = (
  p: SeasonPlace,
  season: number,
  bounds = p.stages.map(() => NOTHING_SEEN as { after: number | null; by: number | null }),
) => stageClocks(p, season, { until: FIRST + 730, bounds });

describe('the clock of a stage', () => {
  it('stands at 0 where the profile expects it, and runs on warmth', () => {
    const [clock] = clocksOf(place([stage('a', 40, thermal(200))]), 2024);
    // 200 degree days at 5 a day: the fortieth day, index 39.
    expect(clock!.expected).to.equal(39);
    expect(clock!.at(39)).to.be.closeTo(0, 1e-9);
    // ln 1.25 is the 90 % point: 1.28 standard deviations later stands the day with a quarter more warmth.
    expect(clock!.at(49)).to.be.closeTo(1.2816, 1e-3);
    // Before anything was gathered it stands far out, so that what is seen there still tells something.
    expect(clock!.at(-1)).to.be.below(-20).and.above(-30);
  });
  it('of a warmer year shows the same warmth on an earlier day', () => {
    const stages = [stage('a', 40, thermal(210))];
    expect(clocksOf(place(stages), 2024)[0]!.expected).to.equal(41);
    expect(clocksOf(place(stages), 2025)[0]!.expected).to.equal(29);
  });
  it('runs slower up the hill, by the lapse of temperature', () => {
    const high = place([stage('a', 40, thermal(200))], { site: { latitudeDeg: 46, heightM: 40 + 1000 / 6.5 } });
    // One degree colder: four degree days a day.
    expect(clocksOf(high, 2024)[0]!.expected).to.equal(49);
  });
  it('never runs backwards', () => {
    const [clock] = clocksOf(place([stage('a', 40, thermal(200))]), 2024);
    for (let day = 0; day < 480; day++) expect(clock!.at(day + 1)).to.be.at.least(clock!.at(day));
  });
  it('of a stage that follows another counts from where that was seen', () => {
    const stages = [stage('a', 40, thermal(200)), stage('b', 60, { kind: 'after', stage: 'a', days: about(20, 5) })];
    const unseen = clocksOf(place(stages), 2024)[1]!;
    expect(unseen.expected).to.equal(59);
    const late = clocksOf(place(stages), 2024, [{ after: 49, by: 51 }, NOTHING_SEEN])[1]!;
    expect(late.expected).to.equal(71);
    expect(late.at(70)).to.be.closeTo(0, 0.15);
    const earliest = clocksOf(place(stages), 2024, [{ after: 60, by: null }, NOTHING_SEEN])[1]!;
    expect(earliest.expected).to.equal(81);
  });
  it('goes by the calendar where there is no weather, moved by latitude and height', () => {
    const bare = place([stage('a', 100, thermal(200))], { weather: null, site: { latitudeDeg: 48, heightM: 162 } });
    // Day 100 is 10 April in every year: a day later in one with a leap day.
    expect(clocksOf(bare, 2025)[0]!.expected).to.equal(99 + 12);
    expect(clocksOf(bare, 2024)[0]!.expected).to.equal(100 + 12);
  });
  it('says nothing of the first frost', () => {
    const frost = stage('f', 300, { kind: 'firstFrost', start: '08-15', thresholdC: about(-1) });
    expect(clocksOf(place([frost]), 2024)).to.deep.equal([null]);
  });
  it('takes the usual day where nothing was measured, and after what is known', () => {
    const weather = seasonAsItWas(place([]), 2025, firstOfYear(2025) + 9)!;
    expect(extremesOn(weather, 0, 9)[0]).to.equal(12);
    // The usual year as it was known then: that of 2024 alone, as nobody knew the next one yet.
    expect(extremesOn(weather, 0, 10)[0]).to.equal(10);
    expect(seasonAsItWas(place([], { weather: null }), 2025, FIRST)).to.equal(null);
  });
});
