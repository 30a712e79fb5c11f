import { expect } from 'chai';
import { firstOfYear } from '../measure/index.ts';
import { GroupLearning } from './group-learning.ts';
import type { GroupStand } from './group-stands.ts';
import { effectsOfProfile, PRIOR_SCALES } from '../stages/scales.ts';
import { cameBy, type SeasonSighting, type StandHistory } from './history.ts';
import { LearnedStand, nothingBeforehand } from './stand-learning.ts';

const USUAL = [80, 100, 120, 200];
const firstDayOf = (season: number): number => firstOfYear(season);
/** Seen to come at about `effect` (in standard deviations of the profile), give or take `half`. */
const saw = (stage: number, season: number, effect: number, half = 0.15): SeasonSighting => ({
  stage,
  season,
  usually: firstDayOf(season) + USUAL[stage]!,
  after: firstDayOf(season) + USUAL[stage]! - 2,
  by: firstDayOf(season) + USUAL[stage]! + 2,
  low: effect - half,
  high: effect + half,
  noise: 0.1,
});
const history = (seen: readonly SeasonSighting[], standId = 's', plantKey = 'p'): StandHistory => ({
  standId,
  plantKey,
  usualDays: USUAL,
  seen,
});
const alone = (seen: readonly SeasonSighting[]): LearnedStand =>
  new LearnedStand(history(seen), nothingBeforehand(USUAL), firstDayOf);
const SEASONS = [2020, 2021, 2022, 2023, 2024];
const variance = (covariance: Float64Array, stage: number): number => covariance[stage * USUAL.length + stage]!;

describe('learning from one stand', () => {
  it('without sightings leaves the profile as it is', () => {
    const { mean, covariance } = alone([]).effects(2025);
    expect([...mean]).to.deep.equal([0, 0, 0, 0]);
    expect([...covariance]).to.deep.equal([...effectsOfProfile(USUAL).covariance]);
    expect(variance(covariance, 0)).to.be.closeTo(1, 1e-12);
    expect(
      PRIOR_SCALES.kind + PRIOR_SCALES.stand + PRIOR_SCALES.season + PRIOR_SCALES.standSeason + PRIOR_SCALES.stage,
    ).to.be.closeTo(1, 1e-12);
  });
  it('with many gives the stand’s own way, and grows sure of it', () => {
    const few = alone(SEASONS.slice(3).map((y) => saw(1, y, 0.8))).effects(2025);
    const many = alone(SEASONS.map((y) => saw(1, y, 0.8))).effects(2025);
    expect(many.mean[1]).to.be.above(few.mean[1]!).and.within(0.6, 0.8);
    expect(variance(many.covariance, 1)).to.be.below(variance(few.covariance, 1));
    // What lies near it learns along, what is far off less; a single season's chance stays unsure.
    expect(many.mean[2]).to.be.within(many.mean[3]!, many.mean[1]!);
    expect(variance(many.covariance, 1)).to.be.above(PRIOR_SCALES.season + PRIOR_SCALES.standSeason);
  });
  it('takes an early season for the season’s, where other seasons were as usual', () => {
    const seen = [...SEASONS.slice(0, 4).map((y) => saw(1, y, 0)), saw(1, 2025, -0.6)];
    const learned = alone(seen);
    expect(learned.effects(2025).mean[2]).to.be.below(-0.15);
    expect(Math.abs(learned.effects(2026).mean[2]!)).to.be.below(0.12);
    expect(learned.ofSeason(1, 2025).mean).to.be.below(-0.15);
    expect(learned.lasting(1).mean).to.be.within(-0.2, 0);
  });
  it('one logged by mistake does not wreck it', () => {
    const good = SEASONS.map((y) => saw(1, y, 0.3));
    const before = alone(good).effects(2025);
    const after = alone([...good, saw(2, 2024, 4.5)]).effects(2025);
    expect(after.mean[1]).to.be.closeTo(before.mean[1]!, 0.05);
    const index = good.length;
    const doubting = alone([...good, saw(2, 2024, 4.5)]);
    expect(doubting.posterior.agreement[index]).to.be.below(1e-3);
    expect(doubting.doubtful().map((d) => [d.stage, d.season])).to.deep.equal([[2, 2024]]);
    expect(alone(good).doubtful()).to.deep.equal([]);
  });
  it('leaves out bounds that go without saying', () => {
    expect(alone([{ ...saw(3, 2024, 0), low: -9, high: Infinity }]).seen).to.deep.equal([]);
    expect(alone([{ ...saw(3, 2024, 0), low: -9, high: 1 }]).seen).to.have.length(1);
  });
  it('more sightings never widen a stand’s own band on average', () => {
    const widths = [0, 1, 3, 5].map((k) => {
      const { covariance } = alone(SEASONS.slice(0, k).flatMap((y) => [saw(0, y, 0.2), saw(2, y, 0.4)])).effects(2025);
      return USUAL.reduce((sum, _, s) => sum + Math.sqrt(variance(covariance, s)), 0);
    });
    for (let i = 1; i < widths.length; i++) expect(widths[i]).to.be.below(widths[i - 1]!);
  });
});

describe('learning from a group', () => {
  const stand = (standId: string, plantKey: string, seen: readonly SeasonSighting[]): GroupStand => ({
    clocks: [{ forms: {}, stages: [], spread: USUAL.map(() => 1), weights: USUAL.map(() => 1) }],
    histories: [history(seen, standId, plantKey)],
    firstDayOf,
  });
  const effects = (group: GroupLearning, h: StandHistory, season: number) =>
    new LearnedStand(h, group.beforehand(h), firstDayOf).effects(season);
  const late = SEASONS.flatMap((y) => [saw(0, y, 0.9), saw(2, y, 0.9)]);

  it('a new stand of a known kind begins with what its kind does here, one of another kind does not', () => {
    const group = GroupLearning.from(['a', 'b', 'c'].map((id) => stand(id, 'p', late)));
    const kin = effects(group, history([], 'new', 'p'), 2030);
    const stranger = effects(group, history([], 'new', 'q'), 2030);
    expect(kin.mean[1]).to.be.within(0.45, 0.9);
    expect(Math.abs(stranger.mean[1]!)).to.be.below(0.02);
    expect(variance(kin.covariance, 1)).to.be.below(variance(stranger.covariance, 1));
  });
  it('says from how many sightings a stand’s dates come: its kind’s elsewhere, its own not twice', () => {
    const quiet = [...late, { ...saw(3, 2024, 0), by: null, high: Infinity }];
    const group = GroupLearning.from([
      stand('a', 'p', quiet),
      stand('b', 'p', late.slice(0, 3)),
      stand('c', 'q', late),
    ]);
    const heard = (standId: string, plantKey: string) => group.heardElsewhere({ standId, plantKey });
    // Not yet come is no coming that was seen.
    expect(cameBy({ seen: quiet })).to.equal(late.length);
    expect(heard('a', 'p')).to.equal(3);
    expect(heard('b', 'p')).to.equal(late.length);
    expect(heard('new', 'p')).to.equal(late.length + 3);
    expect(heard('new', 'z')).to.equal(0);
  });
  it('a season that was early for all kinds is early for one nobody has looked at yet, and only that season', () => {
    const seen = (early: number) => [...SEASONS.slice(0, 4).map((y) => saw(1, y, 0)), saw(1, 2025, early)];
    const group = GroupLearning.from(['a', 'b', 'c', 'd'].map((id) => stand(id, id, seen(-0.7))));
    const fresh = history([], 'new', 'z');
    expect(effects(group, fresh, 2025).mean[1]).to.be.below(-0.2);
    expect(Math.abs(effects(group, fresh, 2026).mean[1]!)).to.be.below(0.03);
    // Half a year later little of it is left.
    expect(Math.abs(effects(group, fresh, 2025).mean[3]!)).to.be.below(Math.abs(effects(group, fresh, 2025).mean[1]!));
  });
  it('does not tell a stand its own story twice', () => {
    const only = stand('a', 'p', late);
    const group = GroupLearning.from([only]);
    const [told, own] = [effects(group, only.histories[0]!, 2030), alone(late).effects(2030)];
    for (const s of [0, 1, 2, 3]) {
      expect(told.mean[s]).to.be.closeTo(own.mean[s]!, 0.02);
      expect(variance(told.covariance, s)).to.be.closeTo(variance(own.covariance, s), 0.02);
    }
  });
  it('is nothing for a group without sightings, and does not hang on the order of its stands', () => {
    expect([...effects(GroupLearning.from([]), history([]), 2025).mean]).to.deep.equal([0, 0, 0, 0]);
    const stands = [stand('a', 'p', late), stand('b', 'p', [saw(1, 2024, -0.5)]), stand('c', 'q', [saw(0, 2024, 0.2)])];
    const h = history([], 'new', 'p');
    const [one, other] = [stands, [...stands].reverse()].map((s) => effects(GroupLearning.from(s), h, 2024).mean);
    one!.forEach((m, i) => expect(m).to.be.closeTo(other![i]!, 1e-9));
  });
  it('scales: where seasons differ much, a season is taken for less sure', () => {
    const wild = SEASONS.flatMap((y, i) => USUAL.map((_, s) => saw(s, y, i % 2 ? 1.2 : -1.2)));
    const calm = SEASONS.flatMap((y) => USUAL.map((_, s) => saw(s, y, 0)));
    const scalesOf = (seen: readonly SeasonSighting[]) =>
      GroupLearning.from(['a', 'b', 'c', 'd', 'e'].map((id) => stand(id, id, seen))).scales;
    expect(scalesOf(wild).standSeason).to.be.above(scalesOf(calm).standSeason);
  });
});
