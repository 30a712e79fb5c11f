import { expect } from 'chai';
import fc from 'fast-check';
import { isKnownConstituent, lowWaterWithin, turnsWithin, within, type TideSource } from './index.ts';

const HOUR = 3_600_000;
const at = (iso: string): number => Date.parse(iso);
const day = { from: at('2026-05-15T00:00Z'), to: at('2026-05-16T00:00Z') };
/** The solar half-day tide of 1 m about 2 m: high at midnight and noon of Greenwich, never moved by the moon. */
const solar: TideSource = {
  kind: 'harmonic',
  meanLevelM: 2,
  constituents: [{ name: 'S2', amplitudeM: 1, phaseDeg: 0 }],
};
const lunar: TideSource = {
  kind: 'harmonic',
  meanLevelM: 0,
  constituents: [{ name: 'M2', amplitudeM: 1, phaseDeg: 0 }],
};
const turn = (iso: string, levelM: number, high: boolean) => ({ at: at(iso), levelM, high });
const table: TideSource = {
  kind: 'table',
  turns: [
    turn('2026-05-14T23:00Z', 4, true),
    turn('2026-05-15T05:00Z', 1, false),
    turn('2026-05-15T11:00Z', 4.2, true),
    turn('2026-05-15T17:20Z', 0.8, false),
    turn('2026-05-15T23:40Z', 4.1, true),
    turn('2026-05-16T06:00Z', 1, false),
  ],
};

describe('the tide', () => {
  it('of one solar constituent stands high at midnight and noon, low between', () => {
    const turns = turnsWithin(solar, { from: day.from + HOUR, to: day.to - HOUR })!;
    expect(turns.map((t) => [Math.round((t.at - day.from) / HOUR), t.levelM.toFixed(2), t.high])).to.deep.equal([
      [6, '1.00', false],
      [12, '3.00', true],
      [18, '1.00', false],
    ]);
  });
  it('lags by its phase: 30 degrees are an hour of a half-day tide', () => {
    const late = { ...solar, constituents: [{ name: 'S2', amplitudeM: 1, phaseDeg: 30 }] };
    expect((turnsWithin(late, day)![0]!.at - day.from) / HOUR).to.be.closeTo(1, 0.01);
  });
  it('of the moon comes 12 hours 25 minutes apart, and its height follows the node of her orbit by some 4 %', () => {
    const month = { from: day.from, to: day.from + 29 * 24 * HOUR };
    const highs = turnsWithin(lunar, month)!.filter((t) => t.high);
    const gaps = highs.slice(1).map((t, i) => (t.at - highs[i]!.at) / HOUR);
    for (const gap of gaps) expect(gap).to.be.closeTo(12.4206, 0.01);
    const heightIn = (year: number): number =>
      turnsWithin(lunar, { from: at(`${year}-05-15T00:00Z`), to: at(`${year}-05-16T00:00Z`) })!.find((t) => t.high)!
        .levelM;
    // The node stood at Aries in early 2025: least; half its 18.6 years later most.
    expect(heightIn(2025)).to.be.closeTo(0.963, 0.004);
    expect(heightIn(2034)).to.be.closeTo(1.037, 0.004);
  });
  it('is low for four hours about each low water of a cosine, at half its fall', () => {
    const low = lowWaterWithin(solar, 1.5, day)!;
    expect(
      low.map((s) => [(s.from - day.from) / HOUR, (s.to - day.from) / HOUR].map((h) => h.toFixed(1))),
    ).to.deep.equal([
      ['4.0', '8.0'],
      ['16.0', '20.0'],
    ]);
  });
  it('is low all day below a level that it never reaches, and never above it', () => {
    expect(lowWaterWithin(solar, 4, day)).to.deep.equal([day]);
    expect(lowWaterWithin(solar, 0.5, day)).to.deep.equal([]);
  });
  it('of a table runs between its turns as half a cosine', () => {
    expect(turnsWithin(table, day)!.map((t) => t.levelM)).to.deep.equal([1, 4.2, 0.8, 4.1]);
    const [early, late] = lowWaterWithin(table, 2.5, day)!;
    expect(new Date(early!.from).toISOString()).to.equal('2026-05-15T02:00:00.000Z');
    expect((early!.to - at('2026-05-15T05:00Z')) / HOUR).to.be.closeTo(2.88, 0.05);
    expect(late!.from).to.be.greaterThan(early!.to);
  });
  it('is not told beyond a table, nor over a gap in it', () => {
    expect(turnsWithin(table, { from: day.from, to: at('2026-05-18T00:00Z') })).to.equal(null);
    const holed: TideSource = { kind: 'table', turns: table.turns.filter((_, i) => i !== 2 && i !== 3) };
    expect(lowWaterWithin(holed, 2, day)).to.equal(null);
  });
  it('knows constituents by name', () => {
    expect(['M2', 'S2', 'K1', 'O1', 'M4'].every(isKnownConstituent)).to.equal(true);
    expect(isKnownConstituent('XX9')).to.equal(false);
    expect(isKnownConstituent('constructor')).to.equal(false);
  });
  it('lies within daylight where both are, in pieces long enough to be of use', () => {
    const light = { from: 6 * HOUR, to: 21 * HOUR };
    const spans = [
      { from: 2 * HOUR, to: 6.2 * HOUR },
      { from: 14 * HOUR, to: 17 * HOUR },
      { from: 22 * HOUR, to: 23 * HOUR },
    ];
    expect(within(spans, light, HOUR / 2)).to.deep.equal([{ from: 14 * HOUR, to: 17 * HOUR }]);
    expect(within(spans, light)).to.have.length(2);
  });
  it('is low for longer below a higher level, whatever the tide', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (phaseDeg, levelM) => {
          const source: TideSource = {
            kind: 'harmonic',
            meanLevelM: 0,
            constituents: [
              { name: 'M2', amplitudeM: 1, phaseDeg },
              { name: 'K1', amplitudeM: 0.3, phaseDeg: 40 },
            ],
          };
          const length = (m: number): number =>
            lowWaterWithin(source, m, day)!.reduce((sum, s) => sum + s.to - s.from, 0);
          expect(length(levelM + 0.2)).to.be.at.least(length(levelM));
        },
      ),
      { numRuns: 30 },
    ));
});
