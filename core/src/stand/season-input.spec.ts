import { expect } from 'chai';
import { bookOf, entry, on } from './made-book.ts';
import { forecastInput, seasonsSeen, sightingsOf } from './season-input.ts';
import { standSeason } from './season.ts';

const seen = (stage: string, day: string, reached = true) =>
  entry('stageSighting', day, { stage, reached, offSeason: false, share: null, note: '' } as never);

describe('what a season is forecast from', () => {
  const frosted = bookOf('sloe', { entries: [seen('blossom', '2022-04-10'), seen('frosted', '2023-01-01')] });

  it('is what was seen of it, after the turn of the year as well', () => {
    expect([...seasonsSeen(frosted)]).to.deep.equal([2022]);
    expect(forecastInput(frosted, 2022).sightings.map((s) => s.stage)).to.deep.equal(['blossom', 'frosted']);
    expect(sightingsOf(frosted, 2023)).to.deep.equal([]);
    expect(sightingsOf({ ...frosted, today: on('2022-12-31') }, 2022).map((s) => s.stage)).to.deep.equal(['blossom']);
  });
  it('does not have a year’s blossom come on the day on which the last one’s fruit hung frosted', () => {
    const [blossom] = standSeason(frosted, 2023).forecast.stages;
    expect(blossom!.reached.p50).to.be.within(on('2023-03-15'), on('2023-05-15'));
    const frost = standSeason(frosted, 2022).forecast.stages.find((s) => s.key === 'frosted')!;
    expect(frost.seen.by).to.equal(on('2023-01-01'));
  });
  it('knows nothing after the day of knowledge', () => {
    const book = bookOf('sloe', { entries: [seen('blossom', '2026-05-16')] });
    expect(forecastInput(book, 2026).sightings).to.deep.equal([]);
  });
});
