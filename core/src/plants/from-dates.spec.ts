import { expect } from 'chai';
import fc from 'fast-check';
import { isoDay, seasonFirstDay } from '../measure/index.ts';
import { usualStageDays } from '../stages/index.ts';
import { datesOf, yearFromDates, type DatedStage, type KnownDates, type Period } from './from-dates.ts';
import type { PartKey } from './kinds.ts';

const nameOf = (stage: DatedStage) => ({ en: stage.kind });
const known = (parts: KnownDates['parts'], over: Partial<KnownDates> = {}): KnownDates => ({
  landmarks: {},
  parts,
  south: false,
  moves: false,
  ...over,
});
const of = (part: PartKey, ...periods: Period[]) => ({ part, use: 'tea', periods });
const leaf = of('leaf', { from: 100, to: 130 });
const winterRoot = of('root', { from: 290, to: 45 });

describe('a year from the dates that its people know', () => {
  it('has two stages a period, in the order of the season, and a window between them', () => {
    const { seasonStart, stages, windows } = yearFromDates(known([of('fruit', { from: 220, to: 260 }), leaf]), nameOf)!;
    expect(seasonStart).to.equal('01-01');
    expect(stages.map((s) => s.key)).to.deep.equal(['leaf1Opens', 'leaf1Closes', 'fruit1Opens', 'fruit1Closes']);
    expect(windows.map((w) => [w.part, w.opens.stage, w.closes.stage])).to.deep.equal([
      ['fruit', 'fruit1Opens', 'fruit1Closes'],
      ['leaf', 'leaf1Opens', 'leaf1Closes'],
    ]);
    expect(stages[0]!.calendar).to.deep.equal({ value: 100, low: 90, high: 110, source: 'estimate' });
  });
  it('begins its season where nothing is gathered, so that a winter window lies in one season', () => {
    const { seasonStart, stages } = yearFromDates(known([leaf, winterRoot]), nameOf)!;
    // Free are 46 to 99 and 131 to 289: the middle of the longer is day 210.
    expect(seasonStart).to.equal('07-29');
    expect(stages.map((s) => s.key)).to.deep.equal(['root1Opens', 'root1Closes', 'leaf1Opens', 'leaf1Closes']);
  });
  it('begins where somebody says, with the first of what is taken at the latest, and comes back so', () => {
    const startOf = (start: number | null, south = false) =>
      yearFromDates(known([leaf, winterRoot], { start, south }), nameOf)?.seasonStart;
    expect([startOf(274), startOf(290), startOf(300)]).to.deep.equal(['10-01', '10-17', undefined]);
    // Half a year later where the seasons do.
    expect(startOf(61, true)).to.equal('09-01');
    const said = known([leaf, winterRoot], { start: 274 });
    const again = (dates: KnownDates, latitudeDeg = 46) =>
      datesOf({ ...yearFromDates(dates, nameOf)!, reference: { latitudeDeg, heightM: 0, place: { en: 'p' } } });
    expect(again(said)!.start).to.equal(274);
    expect(again(known([leaf, winterRoot]))).not.to.have.property('start');
    const south = known([leaf], { start: 20, south: true });
    expect(again(south, -38)!.start).to.equal(20);
  });
  it('goes by the calendar alone where somebody knows that, and else leaves open what brings it on', () => {
    const models = (over: Partial<KnownDates>) =>
      yearFromDates(known([leaf], over), nameOf)!.stages.map((s) => s.model);
    expect(models({})[0]).not.to.have.property('alone');
    expect(models({ alone: true }).every((m) => m.kind === 'calendar' && m.alone)).to.equal(true);
  });
  it('is none where the periods leave no day free', () => {
    expect(
      yearFromDates(known([of('leaf', { from: 60, to: 300 }), of('root', { from: 250, to: 80 })]), nameOf),
    ).to.equal(null);
  });
  it('knows whether it stands in leaf, flower or fruit by its parts and landmarks', () => {
    const dates = known([leaf, of('root', { from: 280, to: 320 }), of('fruitBody', { from: 330, to: 350 })], {
      landmarks: { flowering: 150, dyingBack: 270 },
    });
    const { stages } = yearFromDates(dates, nameOf)!;
    expect(stages.map((s) => [s.key, s.bbch])).to.deep.equal([
      ['leaf1Opens', 3],
      ['leaf1Closes', 3],
      ['flowering', 6],
      ['dyingBack', 9],
      ['root1Opens', 9],
      ['root1Closes', 9],
      ['fruitBody1Opens', 6],
      ['fruitBody1Closes', 9],
    ]);
  });
  it('is moved to other heights only where somebody says where it holds', () => {
    const directions = (dates: KnownDates) =>
      yearFromDates(dates, nameOf)!.stages.map((s) => s.model.kind === 'calendar' && s.model.direction);
    const parts = [leaf, of('fruit', { from: 220, to: 260 })];
    expect(directions(known(parts))).to.deep.equal(['none', 'none', 'none', 'none']);
    expect(directions(known(parts, { moves: true }))).to.deep.equal(['spring', 'spring', 'autumn', 'autumn']);
  });
  it('in the south gives back the very days that were said there', () => {
    const at = { latitudeDeg: -38 };
    const year = yearFromDates(known([of('leaf', { from: 280, to: 310 })], { south: true }), nameOf)!;
    const reference = { ...at, heightM: 0, place: { en: 'south' } };
    const days = usualStageDays({ ...year, reference, site: { ...at, heightM: 0 } }, 2026).map((d) =>
      isoDay(d).slice(5),
    );
    expect(days).to.deep.equal(['10-07', '11-06']);
    expect(datesOf({ ...year, reference })!.parts).to.deep.equal([of('leaf', { from: 280, to: 310 })]);
  });
  it('of which nobody knows a date has one stage: that it is there', () => {
    const year = yearFromDates(known([]), nameOf)!;
    expect(year.stages.map((s) => [s.key, s.bbch])).to.deep.equal([['standing', 3]]);
    const reference = { latitudeDeg: 46, heightM: 0, place: { en: 'here' } };
    expect(datesOf({ ...year, reference })).to.deep.equal(known([]));
  });
  it('refuses what is no day of the year', () => {
    for (const day of [0, 366, 12.5, NaN])
      expect(() => yearFromDates(known([of('leaf', { from: day, to: 130 })]), nameOf)).to.throw(RangeError);
  });

  const day = fc.integer({ min: 1, max: 365 });
  const some = fc.array(fc.record({ from: day, to: day }), { minLength: 1, maxLength: 2 });
  const years = fc.record({ leaf: some, root: some, flowering: fc.option(day, { nil: undefined }) });
  const datesFrom = ({ leaf: l, root, flowering }: { leaf: Period[]; root: Period[]; flowering: number | undefined }) =>
    known([of('leaf', ...l), of('root', ...root)], {
      landmarks: flowering === undefined ? {} : { flowering },
      moves: true,
    });
  it('whatever is said: every window opens before it closes, within one season, and can be read back', () =>
    fc.assert(
      fc.property(years, (said) => {
        const dates = datesFrom(said);
        const year = yearFromDates(dates, nameOf);
        if (year === null) return;
        const reference = { latitudeDeg: 46, heightM: 0, place: { en: 'here' } };
        const first = seasonFirstDay(2025, year.seasonStart, 46);
        const days = usualStageDays({ ...year, reference, site: reference }, 2025);
        const dayOf = (key: string) => days[year.stages.findIndex((s) => s.key === key)]!;
        for (const { opens, closes } of year.windows) {
          expect(dayOf(opens.stage)).to.be.at.least(first);
          expect(dayOf(opens.stage)).to.be.at.most(dayOf(closes.stage));
          expect(dayOf(closes.stage)).to.be.below(first + 366);
        }
        expect(datesOf({ ...year, reference })).to.deep.equal(dates);
      }),
    ));
});
