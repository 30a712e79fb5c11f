import { expect } from 'chai';
import type { StandKit, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { packSeason, type ForecastInput } from '@emberfield/core/phenology';
import { notedIn, ownSeason, withOwnSeason } from './own-season.ts';

const figure = (value: number, spread: number) => ({
  value,
  low: value - spread,
  high: value + spread,
  source: 'estimate',
});
const input: ForecastInput = {
  stages: [
    { key: 'leaf', bbch: 1, calendar: figure(130, 12), model: { kind: 'calendar', direction: 'spring' } },
    { key: 'flower', bbch: 6, calendar: figure(165, 10), model: { kind: 'calendar', direction: 'spring' } },
  ],
  seasonStart: '01-01',
  reference: { latitudeDeg: 46, heightM: 0 },
  site: { latitudeDeg: 46, heightM: 0 },
  season: 2026,
  weather: null,
  asOf: dayNumber('2026-05-01'),
  sightings: [],
};
const windows = [
  {
    part: 'leaf',
    use: 'fresh',
    opens: { stage: 'leaf', offsetDays: 0 },
    closes: { stage: 'flower', offsetDays: 0 },
    peakShare: 0.3,
    sizeLimit: null,
  },
] as StandView['profile']['windows'];
const still = { opens: { meanDays: 0, sdDays: 0 }, closes: { meanDays: 0, sdDays: 0 } };
const kit: StandKit = { season: packSeason(input), shifts: [still] };
const visit = { day: '', share: null, offSeason: false, stages: {} as Record<string, 'reached' | 'notYet'> };

describe('a season on the device', () => {
  it('counts what stands in the visit', () => {
    const plain = ownSeason(kit, windows, []);
    const seen = ownSeason(kit, windows, notedIn({ ...visit, stages: { leaf: 'reached' } }, '2026-05-03'));
    expect(plain.season.stages[0]!.reached.p50! > '2026-05-03').to.equal(true);
    expect(seen.season.stages[0]!.reached.p50! <= '2026-05-03').to.equal(true);
    expect(seen.season.stages[0]!.seenBy).to.equal('2026-05-03');
    expect(seen.windows[0]!.opens.p50).to.be.below(plain.windows[0]!.opens.p50!);
  });
  it('takes the visit’s own day and share, and a flush out of season for none', () => {
    const noted = notedIn(
      { ...visit, day: '2026-04-30', share: 0.25, stages: { leaf: 'reached', flower: 'notYet' } },
      '2026-05-03',
    );
    expect(noted).to.deep.equal([
      { stage: 'leaf', day: dayNumber('2026-04-30'), reached: true, share: 0.25 },
      { stage: 'flower', day: dayNumber('2026-04-30'), reached: false, share: null },
    ]);
    expect(notedIn({ ...visit, offSeason: true, stages: { leaf: 'reached' } }, '2026-05-03')).to.deep.equal([]);
  });
  it('takes the place of the dates that were read, and of nothing that bars a take', () => {
    const allowance = { kind: 'none', ceilings: [{ kind: 'rest' }] };
    const range = { p10: '2026-05-10', p50: '2026-05-12', p90: '2026-05-14' };
    const outlook = (over: object) => ({
      part: 'leaf',
      use: 'fresh',
      season: 2026,
      again: false,
      readiness: { state: 'kindling', daysToOpen: 9, fill: 0.5 },
      opens: range,
      closes: range,
      allowance,
      ...over,
    });
    const stand = {
      outlooks: [
        outlook({}),
        outlook({ use: 'dried' }),
        outlook({ again: true }),
        outlook({ readiness: { state: 'banked', reason: 'resting' } }),
      ],
      ladder: { season: { season: 2026, stages: [] }, past: [] },
    } as unknown as StandView;
    const own = ownSeason(kit, windows, notedIn({ ...visit, stages: { leaf: 'reached' } }, '2026-05-03'));
    const { outlooks, ladder } = withOwnSeason(stand, own, '2026-05-03');
    expect(outlooks[0]!.readiness.state).to.equal('glowing');
    expect(outlooks[0]!.allowance).to.equal(allowance);
    expect(outlooks[1]).to.equal(stand.outlooks[1]);
    expect(outlooks[2]).to.equal(stand.outlooks[2]);
    expect(outlooks[3]!.readiness).to.deep.equal({ state: 'banked', reason: 'resting' });
    expect(ladder.season).to.equal(own.season);
  });
});
