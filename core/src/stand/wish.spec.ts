import { expect } from 'chai';
import { bookOf, entry, evenWeather, on, profileOf } from './made-book.ts';
import { recordOf, recordWith } from './record.ts';
import { standSeason } from './season.ts';
import { lengthLimits, wishFault, wishFor } from './wish.ts';

const wish = (fromCm: number | null, toCm: number | null, day = '2026-05-01', over = {}) =>
  entry('wish', day, { part: 'tip', fromCm, toCm }, over);
const TODAY = on('2026-05-15');
const measured = entry('measurement', '2026-05-12', { part: 'tip', lengthsCm: [38, 40, 42] });
const windowOf = (...entries: ReturnType<typeof wish>[]) =>
  standSeason(bookOf('nettle', { entries, book: { weather: evenWeather() } }), 2026).windows[0]!;

describe('lengths of one’s own', () => {
  it('are those that were said last, until somebody wants none in particular', () => {
    const of = (...entries: ReturnType<typeof wish>[]) => {
      const found = wishFor(recordOf(entries), 'tip', TODAY);
      return found && [found.fromCm, found.toCm];
    };
    expect(of()).to.equal(null);
    expect(of(wish(10, 30), wish(null, 25, '2026-05-02'))).to.deep.equal([null, 25]);
    expect(of(wish(10, 30), wish(null, null, '2026-05-02'))).to.equal(null);
    expect(wishFor(recordOf([wish(10, 30)]), 'leaf', TODAY)).to.equal(null);
    // What is wanted from tomorrow on was not wanted yesterday.
    expect(wishFor(recordOf([wish(10, 30)]), 'tip', on('2026-04-30'))).to.equal(null);
    // One that is taken back on a device without signal no longer holds there.
    const said = wish(10, 30);
    const back = entry('withdrawal', '2026-05-02', { reason: '' }, { replaces: said.id });
    expect(wishFor(recordWith(recordOf([said]), [back]), 'tip', TODAY)).to.equal(null);
  });
  it('have days of their own, in the order of the lengths, the surer the more was measured', () => {
    const [guessed, seen] = [windowOf(wish(25, 60)), windowOf(wish(25, 60), measured)];
    for (const { wished } of [guessed, seen]) {
      expect(wished).to.include({ fromCm: 25, toCm: 60 });
      expect(wished!.reaches!.p50!).to.be.below(wished!.passes!.p50!);
    }
    // It was 40 cm long on 12 May: 25 are past, 60 to come.
    expect(seen.wished!.reaches!.p50!).to.be.within(on('2026-04-20'), on('2026-05-11'));
    expect(seen.wished!.passes!.p50!).to.be.within(on('2026-05-13'), on('2026-06-10'));
    const width = ({ wished }: typeof seen): number => wished!.passes!.p90! - wished!.passes!.p10!;
    expect(width(seen)).to.be.below(width(guessed));
  });
  it('narrow the window and never widen it', () => {
    const [free, narrow, wide] = [
      windowOf(measured),
      windowOf(wish(25, 60), measured),
      windowOf(wish(1, 500), measured),
    ];
    expect(narrow.opens.p50!).to.equal(narrow.wished!.reaches!.p50!);
    expect(narrow.closes.p50!).to.equal(narrow.wished!.passes!.p50!);
    expect(narrow.opens.p50!).to.be.above(free.opens.p50!);
    expect(narrow.closes.p50!).to.be.below(free.closes.p50!);
    expect([wide.opens, wide.closes]).to.deep.equal([free.opens, free.closes]);
  });
  it('leave no window where the part never has them while it is taken: not one day beyond its end', () => {
    // By 90 cm it is no longer taken.
    const { opens, closes, openShare } = windowOf(wish(125, null), measured);
    expect([opens.p50, closes.p50]).to.deep.equal([null, null]);
    expect(Math.max(0, ...openShare)).to.be.below(20);
  });
  it('have no days without weather, and move nothing', () => {
    const at = (...entries: ReturnType<typeof wish>[]) => standSeason(bookOf('nettle', { entries }), 2026).windows[0]!;
    const { wished, opens, closes } = at(wish(25, 60));
    expect([wished!.reaches, wished!.passes]).to.deep.equal([null, null]);
    expect([opens, closes]).to.deep.equal([at().opens, at().closes]);
  });
  it('are wanted only of what is known to grow, and within what is taken at all', () => {
    const nettle = profileOf('nettle');
    expect(lengthLimits(nettle, 'tip')).to.deep.equal({ fromCm: 10, toCm: 90 });
    const fault = (fromCm: number | null, toCm: number | null, profile = nettle) =>
      wishFault(profile, { part: 'tip', fromCm, toCm });
    expect([fault(10, 90), fault(null, 20), fault(null, null)]).to.deep.equal([null, null, null]);
    expect([fault(9, 20), fault(20, 91)]).to.deep.equal(['wishOutside', 'wishOutside']);
    expect(fault(10, 20, profileOf('elder'))).to.equal('noGrowthKnown');
    expect(fault(null, null, profileOf('elder'))).to.equal(null);
  });
});
