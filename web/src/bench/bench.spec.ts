import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { dayNumber } from '@emberfield/core/measure';
import type { MethodKey } from '@emberfield/core/plants';
import { USUAL_LASTING, type FutureTold } from '@emberfield/core/population';
import { futureOn, takingPlan, type StandRecord } from '@emberfield/core/stand';
import { createWords } from '@emberfield/words';
import { crewOf, serve, type Crew } from './crew.ts';
import { prospectIf, USUALLY_ASSUMED } from './assumed.ts';
import { bandOf, lineOf, roundUp } from './fan.ts';
import { playAsked, type Told } from './play.ts';
import { FIRST_OWN, ofHundred, partsOf, plansOf, SCHOOLS, type PlanKey } from './plans.ts';
import { sayPlan } from './say-plan.ts';
import { sayProspect } from './say-prospect.ts';
import { tableOf } from './table.ts';

const valerian = CATALOGUE.find((p) => p.key === 'valerian')!;
const root = valerian.parts.find((p) => p.key === 'root')!;
const count = (day: string, n: number) => ({
  id: day,
  day: dayNumber(day),
  plants: { value: n, low: n, high: Math.ceil(1.05 * n) },
  mature: null,
  flowering: null,
  method: 'complete' as const,
  by: 'Ode',
});
const known = (counts: StandRecord['counts']) => {
  const record = { counts, takes: [] as const } as unknown as StandRecord;
  const future = futureOn({ profile: valerian, record, stand: { id: 's' } }, dayNumber('2026-05-15'));
  if ('none' in future) throw new Error(future.none);
  return future;
};
const FALLING = [count('2021-05-02', 60), count('2023-05-02', 45), count('2025-05-02', 34), count('2026-05-02', 29)];

describe('the plans on the bench', () => {
  const taking = (method: MethodKey) => takingPlan('slowRoot', valerian, root, method);
  it('are leaving it alone and one’s own, and takes of late where there were any', () => {
    const keys = (lately: number | null) =>
      Object.keys(
        plansOf(taking, { lately: lately === null ? null : { ...taking('usual'), share: lately }, own: [FIRST_OWN] }),
      );
    expect([keys(null), keys(0.2)]).to.deep.equal([
      ['alone', 'own'],
      ['alone', 'lately', 'own'],
    ]);
    const { own, second } = plansOf(taking, {
      lately: null,
      own: [
        { ...FIRST_OWN, share: 0.2, everyYears: 3, setBack: 2 },
        { ...FIRST_OWN, ...SCHOOLS.third, method: 'sideRoots' },
      ],
    });
    expect(second).to.deep.include({ share: 1 / 3, everyYears: 1, setBack: null });
    expect(second!.effect.kills).to.equal(0.1);
    expect(own).to.deep.include({
      share: 0.2,
      everyYears: 3,
      setBack: { stage: 'juvenile', perTouched: 2 },
      effect: { kills: 1 },
    });
  });
  it('say what they do', () => {
    const lasting = { share: 0.0567, low: 0.055, high: 0.059, holdsAlone: 1, runs: 2000 };
    const say = (key: PlanKey, found: typeof lasting | null = lasting, everyYears = 1) =>
      sayPlan(key, { own: [{ ...FIRST_OWN, everyYears }, FIRST_OWN], lately: 0.28, found }, createWords('en'));
    expect(say('lately')).to.equal('28 of 100 grown plants, every year');
    expect(say('own', null, 3)).to.equal('10 of 100 grown plants, every 3 years');
    expect(say('lasting')).to.equal('5.7 of 100 grown plants, every year (between 5.5 and 5.9)');
    expect(say('lasting', { ...lasting, low: 0.0566, high: 0.0567 })).to.equal('5.7 of 100 grown plants, every year');
    expect(say('lasting', null)).to.equal('looking for it');
    expect(
      sayPlan('lasting', { own: [FIRST_OWN], lately: null, found: { ...lasting, share: null } }, createWords('en')),
    ).to.equal('not even leaving it alone holds it');
  });
  it('put first what kills, and say shares as one would', () => {
    expect(partsOf(valerian)[0]!.kills).to.equal(true);
    expect([0.0312, 0.1, 0.284, 0].map(ofHundred)).to.deep.equal([3.1, 10, 28, 0]);
  });
});

describe('what is assumed of a place', () => {
  const { prospect } = known(FALLING);
  it('is usually what the stand’s future is reckoned with everywhere else', () => {
    const { crowding, ...rest } = prospectIf(prospect, USUALLY_ASSUMED);
    expect(rest).to.deep.equal(prospect);
    expect(crowding).to.equal('limit');
  });
  it('is changed: room for each that stands there, how it fills up, blows', () => {
    const other = prospectIf(prospect, { room: 'four', crowding: 'gradual', stroke: 'fourth' });
    expect(other).to.deep.include({ capacity: 4 * 29, crowding: 'gradual', stroke: { chance: 0.25, share: 1 / 3 } });
  });
});

describe('playing what was asked', () => {
  const { life, prospect } = known(FALLING);
  const plan = takingPlan(life, valerian, root);
  const plans = plansOf(() => plan, { lately: { ...plan, share: 0.2 }, own: [FIRST_OWN] });
  const asked = {
    id: 1,
    prospect,
    plans,
    lasting: { ...USUAL_LASTING, years: 10 },
    seek: takingPlan(life, valerian, root),
  };
  const channels = [new MessageChannel(), new MessageChannel()];
  const crew = crewOf(channels.map((c) => c.port1));
  for (const { port2 } of channels) serve(port2);
  after(() => channels.forEach((c) => c.port1.close()));

  it('tells coarsely first and sharpens, with the share that lasts among the plans once it is found', async function () {
    this.timeout(60_000);
    const said: Told[] = [];
    await playAsked(asked, { tell: (t) => said.push(t), isAsked: () => true, crew });
    const runs = (plan: PlanKey) => said.flatMap((t) => (t.kind === 'plan' && t.plan === plan ? [t.told.runs] : []));
    expect(runs('alone')).to.deep.equal([500, 1500, 4000, 10_000]);
    expect(said.at(-1)).to.deep.equal({ id: 1, kind: 'done' });
    const found = said.find((t) => t.kind === 'lasting');
    expect(found && 'found' in found && found.found.holdsAlone).to.be.within(0, 1);
    // By its own counts it falls so fast that nothing lasts: then there is no such plan.
    expect(runs('lasting')).to.deep.equal(
      found && 'found' in found && found.found.share !== null ? [1500, 4000, 10_000] : [],
    );
  });
  it('seeks the share that lasts once more on all futures, and plays what it then is', async function () {
    this.timeout(120_000);
    const standing = known([count('2026-05-02', 400)]);
    const said: Told[] = [];
    await playAsked(
      { ...asked, prospect: standing.prospect, plans: {} },
      { tell: (t) => said.push(t), isAsked: () => true, crew },
    );
    const found = said.flatMap((t) => (t.kind === 'lasting' ? [t.found] : []));
    expect(found.map((f) => f.runs)).to.deep.equal([2000, 10_000]);
    const width = (i: number): number => found[i]!.high - found[i]!.low;
    expect(width(1)).to.be.below(width(0));
    // What is told last is of the share that was found last: as surely as was asked for.
    const last = said.findLast((t) => t.kind === 'plan');
    const below = last?.kind === 'plan' ? last.told.below[9]! : NaN;
    expect(1 - below).to.be.within(0.9, 0.91);
  });
  it('comes to the same, however many play, and though something else was asked before', async function () {
    this.timeout(60_000);
    const standing = { ...asked, prospect: known([count('2026-05-02', 400)]).prospect, plans: {} };
    const one = new MessageChannel();
    serve(one.port2);
    const alone = crewOf([one.port1]);
    const told = async (by: Crew): Promise<readonly Told[]> => {
      const said: Told[] = [];
      let asks = 'the first';
      const before = playAsked(asked, {
        crew: by,
        tell: () => undefined,
        isAsked: () => asks === 'the first',
      });
      asks = 'the second';
      await playAsked(standing, { crew: by, tell: (t) => said.push(t), isAsked: () => true });
      await before;
      return said;
    };
    const [by1, by2] = [await told(alone), await told(crew)];
    one.port1.close();
    expect(by1.length).to.be.above(2);
    expect(by2).to.deep.equal(by1);
  });
  it('gives up what nobody asks for any more', async () => {
    const said: Told[] = [];
    // Two tasks are the first five hundred runs of the first plan.
    let left = 3;
    await playAsked(asked, { tell: (t) => said.push(t), isAsked: () => left-- > 0, crew });
    expect(said).to.have.length(1);
  });
});

const told = (end: readonly number[], below: number): FutureTold => ({
  runs: 100,
  fan: [[18, 19, 20, 21, 22], end],
  below: [0, below],
  everBelow: below,
  touched: [0, 1, 2, 3, 4],
  touchedNow: [0, 0, 1, 1, 1],
  recoveredIn: null,
});

describe('a fan of futures', () => {
  it('begins with what was counted, and lays its bands one on another', () => {
    const look = {
      told: told([8, 12, 15, 18, 25], 0.9),
      began: 20,
      firstYear: 2026,
      floor: 16,
      most: 40,
      floorName: 'floor',
      falls: true,
    };
    expect(lineOf(look, 2)).to.deep.equal([
      [2026, 20],
      [2027, 20],
      [2028, 15],
    ]);
    const { bottom, height } = bandOf(look, 0, 4);
    expect([bottom[2], height[2]]).to.deep.equal([
      [2028, 8],
      [2028, 17],
    ]);
  });
  it('has a round top', () => {
    expect([0, 7, 53, 240, 1020].map(roundUp)).to.deep.equal([0, 7, 55, 250, 1500]);
  });
  it('is a table of figures as well', () => {
    const rows = tableOf(new Map([['own', told([8, 12, 15.4, 18, 25], 0.905)]]), 2026, (key) => key);
    expect(rows[1]).to.deep.equal({
      plan: 'own',
      year: 2028,
      low: 8,
      lower: 12,
      middle: 15,
      upper: 18,
      high: 25,
      below: 90.5,
    });
  });
});

describe('the bench in words', () => {
  const words = createWords('en');
  const said = (over: Partial<Parameters<typeof sayProspect>[0]>) =>
    sayProspect(
      {
        future: known(FALLING),
        lately: null,
        lasting: null,
        told: new Map(),
        confidence: 0.9,
        holding: null,
        ...over,
      },
      words,
    ).join(' ');
  it('says how it grew or shrank by its counts, with the range in order', () => {
    const [, , low, high] = /shrank by ([\d.]+) % a year \(between ([\d.]+) and ([\d.]+) %\)/
      .exec(said({}))!
      .map(Number);
    expect(low! < high!).to.equal(true);
    expect(said({})).to.match(/So it halves in about \d(\.\d)? years\./);
    expect(said({})).to.contain('say different things');
    expect(said({ future: known(FALLING.slice(0, 1)) })).to.contain('A second count, a year on');
    expect(said({ future: known(FALLING.map((c, i) => ({ ...c, plants: FALLING[3 - i]!.plants }))) })).to.contain(
      'grew by',
    );
  });
  it('says what lasts, that nothing does, and what was done of late', () => {
    const lasting = { share: 0.031, low: 0.03, high: 0.033, holdsAlone: 0.97, runs: 2000 };
    expect(said({ lasting }))
      .to.contain('holds in 97 futures of 100')
      .and.contain('about 3.1 a year')
      .and.contain('in 9 futures of 10');
    expect(said({ lasting: { ...lasting, share: null } })).to.contain('No share lasts');
    expect(said({ lasting: { ...lasting, share: 1 } })).to.contain('Every plant can be taken from');
    expect(said({ lately: 0.28, told: new Map([['lately', told([1, 2, 3, 4, 5], 0.99)]]) })).to.contain(
      '28 of 100 a year) it falls below the floor in 99 futures of 100',
    );
    expect(said({ lasting })).not.to.match(/safe/i);
  });
  it('says of an invader whether taking holds it back, and not what would last', () => {
    const lasting = { share: 0.031, low: 0.03, high: 0.033, holdsAlone: 0.97, runs: 2000 };
    const holding = { share: { value: 0.412, low: 0.3, high: 0.551 }, seedYears: 3 };
    expect(said({ lasting, holding }))
      .to.contain('Take from 42 of 100 such plants every year (30–56)')
      .and.contain('go on for 3 years after the last plant')
      .and.not.contain('futures of 10');
    expect(said({ holding: { share: null, seedYears: 0 } }))
      .to.contain('does not hold it back')
      .and.not.contain('Seed');
    expect(said({ holding: { share: { value: 0, low: 0, high: 0.1 }, seedYears: 1 } }))
      .to.contain('shrinks by itself')
      .and.contain('for 1 year after');
  });
});
