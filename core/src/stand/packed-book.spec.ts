import type { SeenStand } from '../clocks/index.ts';
import { expect } from 'chai';
import { effectsOfProfile } from '../stages/scales.ts';
import { climatologyOf, joinDays } from '../weather/index.ts';
import { bookOf, counted, entry, on, took, profileOf } from './made-book.ts';
import { standDay } from './outlook.ts';
import { packBook, packSeasons, seasonsAbout, unpackBook, type PackedBook } from './packed-book.ts';
import { isoDay } from '../measure/index.ts';
import { lookAgainOn } from './look-again.ts';
import { eachOnce, seasonsOf, standSeason } from './season.ts';
import { seasonNow } from './book.ts';

const days = Array.from({ length: 3000 }, (_, i) => {
  const day = on('2018-03-01') + i;
  // Records are kept in hundredths.
  const mean =
    Math.round(100 * (10 - 8 * Math.cos((2 * Math.PI * (day - on('2000-01-20'))) / 365.25) + Math.sin(i * 1.7) * 2)) /
    100;
  return { day, minC: mean - 4, maxC: mean + 4, rainMm: i % 5 };
}).filter((d) => d.day <= on('2026-05-15'));
const climatology = climatologyOf(days);
const weather = { series: joinDays(days, climatology)!, climatology, heightM: 60 };
/** Late by half a spread, in every season; by the profile's clock, and for three in ten by the calendar. */
const learned = {
  clocks: ({ place: { stages } }: SeenStand) => {
    const effects = {
      mean: new Float64Array(stages.length).fill(0.5),
      covariance: effectsOfProfile(stages.map((_, i) => 60 + 20 * i)).covariance,
    };
    const byDays = stages.map((s) => ({ ...s, model: { kind: 'calendar', direction: 'spring' } as const }));
    return [
      { stages, weights: stages.map(() => 0.7), effects },
      { stages: byDays, weights: stages.map(() => 0.3), effects },
    ];
  },
};
const entries = [
  entry('stageSighting', '2026-04-10', { stage: 'shoots', reached: true, share: 0.6 }),
  counted('2026-05-01', 80),
  took('2025-05-20', 6, { part: 'tip', plants: 3, quality: 'tough' }),
  entry('measurement', '2026-05-10', { part: 'tip', lengthsCm: [18, 22] }),
];
const book = bookOf('nettle', { entries, book: { weather, learned: learned } });
const travelled = (): PackedBook => JSON.parse(JSON.stringify(packBook(book))) as PackedBook;

describe('a book that travels', () => {
  it('says the same there as here, for days of this season and of those beside it', () => {
    const there = unpackBook(travelled());
    for (const day of ['2026-02-01', '2026-05-15', '2026-12-20', '2027-04-01'])
      expect(standDay(there, on(day)), day).to.deep.equal(standDay(book, on(day)));
  });
  it('says there too what may not come, of each season by what was looked for in vain before it', () => {
    const clocks = (seen: SeenStand, season: number) =>
      learned.clocks(seen).map((c) => ({ ...c, weights: c.weights.map((w) => (season < 2026 ? w : 0.4 * w)) }));
    const barren = bookOf('nettle', { book: { weather, learned: { clocks } } });
    const there = unpackBook(JSON.parse(JSON.stringify(packBook(barren))) as PackedBook);
    expect(standSeason(there, 2026).windows[0]!.opens.p50).to.equal(null);
    for (const day of ['2025-05-15', '2026-05-15', '2027-04-01'])
      expect(standDay(there, on(day)), day).to.deep.equal(standDay(barren, on(day)));
  });
  it('takes along of its kin only those that its own plant is mistaken for, and what was seen close by', () => {
    const ramsons = bookOf('ramsons');
    const kin = packBook(ramsons).kin.map(([, p]) => p.key);
    expect(kin).to.have.members(['autumn-crocus', 'lily-of-the-valley', 'lords-and-ladies', 'white-hellebore']);
    const { names: name, scientific, family } = profileOf('fools-parsley');
    const seen = {
      day: on('2026-04-01'),
      found: true,
      lookedFor: scientific,
      plantKey: 'fools-parsley',
      where: 'near',
    } as const;
    const near = bookOf('sweet-cicely', {
      book: { nearby: [{ ...seen, kin: { name, scientific, family, severity: 'poisonous' } }] },
    });
    expect(packBook(near).kin.map(([, p]) => p.key)).to.include('fools-parsley');
    expect(standDay(unpackBook(packBook(near)), on('2026-05-01')).lookAlikes).to.deep.equal(
      standDay(near, on('2026-05-01')).lookAlikes,
    );
    expect(unpackBook(packBook(ramsons)).kin.get('Colchicum autumnale')!.key).to.equal('autumn-crocus');
    const alone = unpackBook(JSON.parse(JSON.stringify(packBook(ramsons))) as PackedBook);
    expect(standDay(alone, on('2026-05-01')).lookAlikes).to.deep.equal(standDay(ramsons, on('2026-05-01')).lookAlikes);
  });
  it('keeps what was learned for the seasons about its own, and nothing of others', () => {
    const { learned: there } = unpackBook(travelled());
    const known = [2024, 2025, 2026, 2027, 2028, 2029].map(
      (s) => there.clocks({} as never, s, book.today)?.[0]!.effects.mean[0],
    );
    expect(known).to.deep.equal([undefined, 0.5, 0.5, 0.5, 0.5, undefined]);
    expect(there.shifts).to.have.length(book.profile.windows.length);
    expect(there.shifts![0]!.closes.meanDays).to.be.below(0);
    expect(there.clocks({} as never, 2026, book.today)!.map((c) => c.weights[0])).to.deep.equal([0.7, 0.3]);
    const nothing = unpackBook(packBook(bookOf('nettle')));
    expect(nothing.learned.clocks({} as never, 2026, book.today)).to.equal(undefined);
  });
});

describe('a book that a device has kept from before there were several clocks, or wishes', () => {
  it('goes by its profile’s stages with what was learned of them', () => {
    const { learned: packed, record, ...rest } = travelled();
    const { wishes: _, ...before } = record;
    const seasons = packed.seasons.map((s) => ({ season: s.season, ...('effects' in s ? s.effects[0]! : s) }));
    const kept = unpackBook({ ...rest, record: before, learned: { seasons, shifts: packed.shifts } });
    const [clock, ...others] = kept.learned.clocks({} as never, 2026, book.today)!;
    expect(others).to.deep.equal([]);
    expect(clock!.stages).to.deep.equal(book.profile.stages);
    expect(clock!.effects.mean[0]).to.equal(0.5);
    expect(standDay(kept, on('2026-05-15')).outlooks).to.have.length(book.profile.windows.length);
  });
  it('goes by the weights of its clocks, where all seasons had the same', () => {
    const { learned: packed, ...rest } = travelled();
    const clocks = packed.clocks!.map(({ stages }, k) => ({
      stages,
      weights: stages.map(() => (k === 0 ? 0.7 : 0.3)),
    }));
    const seasons = packed.seasons.map(({ season, ...s }) => ({ season, effects: 'effects' in s ? s.effects : [s] }));
    const kept = unpackBook({ ...rest, learned: { clocks, seasons, shifts: packed.shifts } });
    expect(standDay(kept, on('2026-05-15'))).to.deep.equal(standDay(book, on('2026-05-15')));
  });
});

describe('seasons reckoned in another thread', () => {
  it('are those that the day asks for, and the same as here', () => {
    const told = new Map(seasonsAbout(packSeasons(book, book.today)));
    const now = seasonNow(book, book.today);
    expect([...told.keys()]).to.include(now);
    for (const [season, made] of told) expect(made, `${season}`).to.deep.equal(standSeason(book, season));
  });
  it('reach to the next season where a window is over, and stay out of it where none is', () => {
    const asked = (day: string) => [...new Map(seasonsAbout(packSeasons(book, on(day)))).keys()].sort();
    expect(asked('2026-05-15')).not.to.include(2027);
    expect(asked('2026-12-20')).to.include(2027);
  });
  it('reach to the next season where the plant shows no more of itself in this one, and somebody has to look again', () => {
    const nothingToTake = { ...book, profile: { ...book.profile, windows: [] } };
    const asked = (day: string, unsettled: boolean) =>
      seasonsAbout(packSeasons(nothingToTake, on(day), { unsettled })).map(([season]) => season);
    const flowered = lookAgainOn(book, eachOnce(book), on('2026-06-01'))!;
    expect(flowered.stage.bbch).to.be.oneOf([6, 8]);
    const after = isoDay(flowered.reached.p50! + 90);
    expect(lookAgainOn(book, eachOnce(book), on(after))!.reached.p50).to.be.greaterThan(on('2027-01-01'));
    expect([asked(after, false), asked('2026-05-15', true), asked(after, true)]).to.deep.equal([
      [],
      [2026],
      [2026, 2027],
    ]);
  });
  it('take no more of the record along than they need', () => {
    const packed = packSeasons(book, book.today);
    expect(Object.keys(packed.record).sort()).to.deep.equal(['cuts', 'measured', 'sightings', 'takes', 'wishes']);
    expect(packed.stand).to.deep.equal({ id: 's' });
  });
  it('are each reckoned once', () => {
    const { of, known } = eachOnce(book);
    expect(of(2026)).to.equal(of(2026));
    expect([...known.keys()]).to.deep.equal([2026]);
    expect(seasonsOf(book).frozen(book.today)).to.be.an('array');
  });
});
