import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { CATALOGUE } from '@emberfield/catalogue';
import { entrySchema, geometrySchema, VOCABULARY, type EntryOf } from '@emberfield/contract';
import { confirmation, mayConfirm } from '@emberfield/core/identity';
import { casesOf } from './cases.ts';
import { historyOf } from './history.ts';
import { identificationOf } from './identifications.ts';
import { seededId } from './ids.ts';
import { heightAt } from './island/geometry.ts';
import { islandMap } from './island/map.ts';
import { factsOf, PATCHES, STANDS, type DemoStand } from './island/places.ts';
import { chanceFrom, islandWeather, outlookFrom, seedOf, TRUE_PLANTS, trueStageDays } from '@emberfield/core/truth';

const weather = islandWeather(31, 2014, 2027);
const today = Math.round(Date.parse('2026-05-15') / 86_400_000);

const optionsOf = (stand: DemoStand) => ({
  stand,
  standId: seededId(1, stand.key),
  patchId: seededId(2, stand.patch),
  profile: CATALOGUE.find((p) => p.key === stand.plant)!,
  heightM: heightAt(PATCHES.find((p) => p.key === stand.patch)!.at),
  weather,
  today,
  firstYear: 2020,
});

describe('the demo island', () => {
  it('is the same at every start', () => {
    expect(islandWeather(31, 2014, 2015)).to.deep.equal(islandWeather(31, 2014, 2015));
    expect(islandWeather(32, 2014, 2014)[100]).not.to.deep.equal(islandWeather(31, 2014, 2014)[100]);
    expect(seededId(18000, 'a')).to.equal(seededId(18000, 'a')).and.not.to.equal(seededId(18000, 'b'));
  });
  it('ships the map that its generator draws', () => {
    expect(JSON.parse(readFileSync(new URL('../map/ostrey.geojson', import.meta.url), 'utf8'))).to.deep.equal(
      JSON.parse(JSON.stringify(islandMap())),
    );
  });
  it('has believable weather: cold winters, mild summers, no day colder than itself', () => {
    const mean = (from: string, to: string) => {
      const days = weather.filter((d) => {
        const iso = new Date(d.day * 86_400_000).toISOString().slice(5, 10);
        return iso >= from && iso <= to;
      });
      return days.reduce((s, d) => s + (d.minC + d.maxC) / 2, 0) / days.length;
    };
    expect(mean('01-01', '01-31')).to.be.within(-1, 3);
    expect(mean('07-01', '07-31')).to.be.within(16, 20);
    expect(weather.every((d) => d.minC < d.maxC)).to.equal(true);
    expect(outlookFrom(weather, today, 1)).to.have.length(10);
  });
  it('has at least twelve patches with shapes that fit the contract, and eighteen stands of known plants', () => {
    expect(PATCHES.length).to.be.at.least(12);
    expect(STANDS.length).to.be.at.least(18);
    for (const p of PATCHES)
      expect(() => geometrySchema.validateSync(factsOf(p).geometry, { strict: true }), p.key).not.to.throw();
    for (const s of STANDS)
      expect(CATALOGUE.some((p) => p.key === s.plant) && PATCHES.some((p) => p.key === s.patch), s.key).to.equal(true);
  });
  it('has every stand that is taken for settled identified by signs that settle it, in a past season', () => {
    for (const stand of STANDS.filter((s) => s.identity === undefined)) {
      const said = identificationOf(optionsOf(stand))!.entry as EntryOf<'identity'>;
      expect(() => entrySchema.validateSync(said, { strict: true }), stand.key).not.to.throw();
      const { seen, phase } = said.body;
      expect(mayConfirm(confirmation(CATALOGUE, VOCABULARY, { key: stand.plant, seen, phase })), stand.key).to.equal(
        true,
      );
      expect(said.day < '2021-01-01', `${stand.key} ${said.day}`).to.equal(true);
    }
  });
  it('lets plants come in the order of their stages, earlier in a warm spring, later up the hill', () => {
    for (const plant of Object.keys(TRUE_PLANTS)) {
      const days = [...trueStageDays(plant, { standName: 'x', heightM: 40 }, 2020, weather).values()];
      expect(days.length, plant).to.be.at.least(3);
      expect(days, plant).to.deep.equal([...days].sort((a, b) => a - b));
    }
    const flower = (heightM: number, shiftC = 0) =>
      trueStageDays(
        'elder',
        { standName: 'x', heightM },
        2020,
        weather.map((d) => ({ ...d, minC: d.minC + shiftC, maxC: d.maxC + shiftC })),
      ).get('firstFlowers')!;
    expect(flower(240)).to.be.above(flower(40) + 3);
    expect(flower(40, 1.5)).to.be.below(flower(40) - 5);
  });
  it('tells six seasons of entries that the contract accepts, none of the future, each under its own key', function () {
    this.timeout(60_000);
    const ids = new Set<string>();
    let told = 0;
    for (const stand of STANDS) {
      const options = optionsOf(stand);
      for (const { entry } of [...historyOf(options), ...casesOf(options)]) {
        expect(
          () => entrySchema.validateSync(entry, { strict: true }),
          `${stand.key} ${entry.kind} ${entry.day}`,
        ).not.to.throw();
        expect(entry.day <= '2026-05-15').to.equal(true);
        expect(ids.has(entry.id), `${stand.key} ${entry.kind} ${entry.day}`).to.equal(false);
        ids.add(entry.id);
        if (entry.kind === 'stageSighting')
          expect(options.profile.stages.map((s) => s.key)).to.include(entry.body.stage);
        told++;
      }
    }
    expect(told).to.be.above(1500);
  });
  it('draws chance evenly', () => {
    const chance = chanceFrom(seedOf('even'));
    const n = Array.from({ length: 20_000 }, () => chance.normal());
    const mean = n.reduce((a, b) => a + b, 0) / n.length;
    expect(mean).to.be.within(-0.03, 0.03);
    expect(n.reduce((a, b) => a + (b - mean) ** 2, 0) / n.length).to.be.within(0.96, 1.04);
  });
});
