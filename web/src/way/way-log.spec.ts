import { expect } from 'chai';
import { NO_WAY, type WayLog } from './kept-way.ts';
import { minutesAt, noted, trackOf, wayGpx } from './way-log.ts';

const START = Date.UTC(2026, 4, 15, 8);
const at = (northM: number, seconds: number, accuracyM = 8) => ({
  ...{ latitudeDeg: 46 + northM / 111_320, longitudeDeg: -30, heightM: null, accuracyM },
  at: START + seconds * 1000,
});
const walked = (...positions: readonly ReturnType<typeof at>[]): WayLog => positions.reduce(noted, NO_WAY);

describe('the way that a device notes', () => {
  it('takes a position that lies elsewhere, or comes a minute later; none of a clock that was set back', () => {
    const log = walked(at(0, 0), at(3, 10), at(12, 20), at(12, 50), at(12, 80), at(60, 70));
    expect(trackOf(log).map((p) => (p.at - START) / 1000)).to.deep.equal([0, 20, 80]);
    expect(trackOf(log)[1]!.latitudeDeg).to.be.closeTo(at(12, 0).latitudeDeg, 1e-5);
  });
  it('never grows beyond what a device keeps, and keeps its beginning and its end', () => {
    let log = NO_WAY;
    for (let i = 0; i < 9000; i++) log = noted(log, at(10 * i, 10 * i));
    expect(log.points.length).to.be.within(2000, 4001);
    expect(trackOf(log).map((p) => p.at - START)).to.include.members([0, 89_990_000]);
  });
  it('says since when one is at a place: since one came the last time', () => {
    const hedge = at(1000, 0);
    const log = walked(at(0, 0), at(1000, 600), at(500, 900), at(990, 1200), at(1010, 1260));
    expect(minutesAt(log, hedge, START + 1_800_000)).to.equal(10);
    expect(minutesAt(walked(at(0, 0)), hedge, START)).to.equal(null);
    expect(minutesAt(NO_WAY, hedge, START)).to.equal(null);
  });
  it('goes into a file with its times, broken off around what is secret', () => {
    const log = walked(...Array.from({ length: 21 }, (_, i) => at(100 * i, 60 * i)));
    const text = wayGpx('Round & way', log, [at(1050, 0)])!;
    const segments = text.split('<trkseg>').slice(1);
    // From 750 to 1,350 m nothing is shown.
    expect(segments.map((part) => part.match(/<trkpt /g)!.length)).to.deep.equal([8, 7]);
    expect(text).to.include('<name>Round &#38; way</name>').and.include('<time>2026-05-15T08:01:00.000Z</time>');
    expect(wayGpx('', walked(at(0, 0)), [at(0, 0)])).to.equal(null);
  });
});
