import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { entrySchema, faultsOf, type AllowanceView, type TakeVerdict } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { unitsInOne, waysToCount } from './tally.ts';
import {
  added,
  blankTake,
  freshTicks,
  heldAnew,
  inAnotherWay,
  ofAnotherPart,
  overruled,
  partToTake,
  setBackBody,
  takeBody,
  takeSaid,
} from './take-draft.ts';

const words = createWords('en');
const id = '01900000-0000-7000-8000-000000000001';
const allowance = (over: Partial<AllowanceView> = {}): AllowanceView => ({
  kind: 'counted',
  unit: 'tip',
  plants: 5,
  perPlant: 2,
  amount: 10,
  amountLeft: 10,
  plantsLeft: 5,
  takenAmount: 0,
  fraction: null,
  plantsCounted: 50,
  plantsStanding: 50,
  steps: [],
  ceilings: [],
  ...over,
});
const faults = (body: unknown): readonly string[] => {
  const entry = { id, kind: 'take', schemaVersion: 1, patchId: id, standId: id, visitId: null, day: '2026-05-15' };
  const rest = { zone: 'UTC', madeAt: '2026-05-15T10:00:00Z', device: 'x', replaces: null, body };
  return faultsOf(entrySchema, { ...entry, ...rest }).map((f) => f.reason);
};
const partOf = (plant: string, part: string) =>
  CATALOGUE.find((p) => p.key === plant)!.parts.find((p) => p.key === part);

describe('a take while it is tallied', () => {
  it('adds up tenths without a trace of binary fractions', () => {
    let draft = blankTake('sap');
    for (let i = 0; i < 3; i++) draft = added(draft, 0.1);
    expect(draft.amount).to.equal(0.3);
  });
  it('never goes below nothing', () => expect(added(added(blankTake('tip'), 2), -5).amount).to.equal(0));
  it('that is overruled keeps the reason and takes the one step that was held back', () => {
    const draft = overruled(added(blankTake('tip'), 10), 'Agreed with the group', allowance());
    expect(draft).to.include({ amount: 11, overReason: 'Agreed with the group' });
    expect(overruled(blankTake('sap'), 'x', allowance({ unit: 'litre' })).amount).to.equal(0.5);
  });
  it('sets back what was said, goes with its take, and not with another part', () => {
    const draft = { ...blankTake('root'), setBack: 3, setBackAs: 'crown' as const, minutes: 12 };
    expect(setBackBody(draft, id)).to.include({ way: 'crown', number: 3, source: 'here', takeId: id });
    const entry = {
      id,
      kind: 'planting',
      schemaVersion: 1,
      patchId: id,
      standId: id,
      visitId: null,
      day: '2026-05-15',
    };
    const rest = { zone: 'UTC', madeAt: '2026-05-15T10:00:00Z', device: 'x', replaces: null };
    expect(faultsOf(entrySchema, { ...entry, ...rest, body: setBackBody(draft, id) })).to.deep.equal([]);
    const other = ofAnotherPart(draft, 'flower');
    expect(setBackBody(other, id)).to.equal(null);
    expect(other).to.include({ part: 'flower', minutes: 12, key: draft.key });
    expect(setBackBody({ ...draft, setBack: 0 }, id)).to.equal(null);
  });
  it('stands on the part that was begun, else on the one asked for, else on the hottest', () => {
    const parts = ['leaf', 'flower', 'fruit'] as const;
    expect(partToTake(parts, { drafted: 'fruit', asked: 'flower' })).to.equal('fruit');
    expect(partToTake(parts, { drafted: null, asked: 'flower' })).to.equal('flower');
    expect(partToTake(parts, { drafted: 'root', asked: ['flower', 'leaf'] })).to.equal('leaf');
    expect(partToTake([], { drafted: null, asked: null })).to.equal(null);
  });
});

describe('the entry of a take', () => {
  const draft = { ...added(blankTake('tip'), 4), part: 'tip' as const };
  it('is what the contract wants, with nothing said that was not tapped', () => {
    const body = takeBody(draft, partOf('nettle', 'tip'), 1);
    expect(body).to.deep.equal({
      part: 'tip',
      amount: 4,
      measure: 'unit',
      plants: null,
      killed: null,
      quality: null,
      eatenOnTheSpot: false,
      overReason: '',
    });
    expect(faults(body)).to.deep.equal([]);
  });
  it('says how many plants a deadly taking cost: those tallied, else as many as the amount usually comes from', () => {
    const root = partOf('burdock', 'root') ?? CATALOGUE.flatMap((p) => p.parts).find((p) => p.kills)!;
    const dug = { ...added(blankTake(root.key), 3), part: root.key };
    expect(takeBody({ ...dug, plants: 2 }, root, 1).killed).to.equal(2);
    expect(takeBody(dug, { ...root, perPlant: { ...root.perPlant, value: 2 } }, 1).killed).to.equal(2);
    expect(takeBody(dug, { ...root, kills: false }, 1).killed).to.equal(null);
    expect(takeBody({ ...dug, plants: 3, snapped: 1, tried: 2 }, root, 1)).to.include({
      killed: 2,
      snapped: 1,
      tried: 2,
    });
    expect(takeBody({ ...dug, plants: 3, died: 0 }, root, 1).killed, 'somebody looked').to.equal(0);
  });
  it('in another way says which, and leaves to its chance how many died', () => {
    const root = partOf('valerian', 'root');
    const side = inAnotherWay({ ...blankTake('root'), amount: 2, setBack: 3, setBackAs: 'crown' }, 'sideRoots');
    expect(side).to.include({ amount: 0, setBack: 0 });
    const body = takeBody({ ...side, part: 'root', amount: 1.5, plants: 4 }, root, 1);
    expect(body).to.include({ method: 'sideRoots', killed: null, amount: 1.5 });
    expect(faults(body)).to.deep.equal([]);
    expect(faults({ ...body, snapped: 5 })).to.deep.equal(['moreSnappedThanTaken']);
    expect(faults({ ...body, method: 'pulled' })).to.deep.equal(['notOneOf']);
    expect(ofAnotherPart(side, 'leaf').method).to.equal(null);
  });
});

describe('a take that is not counted by pieces', () => {
  const of = (over: object) => ({ ...added(blankTake('tip'), 3), part: 'tip' as const, ...over });
  const nettle = partOf('nettle', 'tip');
  it('is weighed in grams as they were read, and judged by the weight of one', () => {
    expect(takeBody(of({ counted: 'gram', amount: 250 }), nettle, 0.5)).to.include({ amount: 250, measure: 'gram' });
    expect(unitsInOne('gram', { ...nettle!, massG: { value: 4, low: 3, high: 5, source: 'estimate' } }, null)).to.equal(
      0.25,
    );
    expect(unitsInOne('gram', { ...nettle!, massG: null }, null)).to.equal(null);
  });
  it('by handfuls is stored in pieces, with what it was counted by beside it', () => {
    const body = takeBody(of({ counted: 'handful' }), nettle, 12);
    expect(body).to.include({ amount: 36, measure: 'unit' });
    expect(body.countedBy).to.deep.equal({ vessel: 'handful', count: 3, holds: 12 });
    expect(faults(body)).to.deep.equal([]);
  });
  it('by vessels that nobody has measured comes to nothing', () => {
    for (const holds of [null, 0, -2]) expect(unitsInOne('bag', nettle, holds)).to.equal(null);
    expect(unitsInOne('bag', nettle, 400)).to.equal(400);
    expect(unitsInOne('unit', nettle, null)).to.equal(1);
  });
  it('offers the scale only where the weight of one is known', () => {
    const figure = { value: 4, low: 3, high: 5, source: 'estimate' };
    expect(waysToCount({ ...nettle!, massG: figure })).to.deep.equal(['unit', 'gram', 'handful', 'bag']);
    expect(waysToCount({ ...nettle!, massG: null })).to.deep.equal(['unit', 'handful', 'bag']);
  });
  it('keeps the note and the minutes, and sends neither where nothing was said', () => {
    const body = takeBody(of({ minutes: 25, note: '  wet feet ' }), nettle, 1);
    expect(body).to.include({ minutes: 25, note: 'wet feet' });
    expect(faults(body)).to.deep.equal([]);
    expect(takeBody(of({ note: '  ' }), nettle, 1)).not.to.have.any.keys('note', 'minutes', 'countedBy');
    // What is no number is refused, never cut to one that would fit.
    expect(faults(takeBody(of({ minutes: NaN }), nettle, 1))).not.to.deep.equal([]);
    expect(faults(takeBody(of({ minutes: 2000 }), nettle, 1))).not.to.deep.equal([]);
  });
});

describe('what is said of a stored take', () => {
  const stored = (take: Partial<TakeVerdict> | null) =>
    takeSaid(
      words,
      {
        id,
        status: 'stored',
        take: take && { verdict: 'within', leftBefore: 10, leftAfter: 6, allowance: allowance(), ...take },
      },
      { amount: 4, unit: 'tip' },
    );
  it('is what it left', () => expect(stored({})).to.deep.equal({ text: '4 tips saved. 6 tips left.', over: false }));
  it('is nothing of what is left where nothing was counted', () => {
    expect(stored({ leftAfter: null })).to.deep.equal({ text: '4 tips saved.', over: false });
    expect(stored(null)).to.deep.equal({ text: '4 tips saved.', over: false });
  });
  it('is why, where it is over', () => {
    const held: AllowanceView['ceilings'][number] = {
      source: 'houseRule',
      kind: 'fixedShare',
      values: { share: 0.1 },
      bars: false,
      shareOfPlants: 0.1,
      perPlant: null,
      binding: true,
    };
    const said = stored({ verdict: 'over', leftAfter: 0, allowance: allowance({ ceilings: [held] }) });
    expect(said).to.deep.equal({ text: '4 tips saved, marked over: one plant in 10.', over: true });
  });
  it('holds a tick for the pieces in hand only: not for the next handful of what grows among it, nor for another day', () => {
    const ticked = { ...added(blankTake('tip'), 2), checkedAgainst: ['Taxus baccata', 'Abies alba'] };
    const mixed = [{ scientific: 'Taxus baccata' }];
    expect(heldAnew(ticked, 1, mixed).checkedAgainst).to.deep.equal(['Abies alba']);
    expect(heldAnew(ticked, -1, mixed)).to.equal(ticked);
    const begun = Date.parse(ticked.key.madeAt);
    expect(freshTicks(ticked, begun + 3_600_000)).to.equal(ticked);
    const later = freshTicks(ticked, begun + 86_400_000);
    expect([later.checkedAgainst, later.amount, later.key]).to.deep.equal([[], 2, ticked.key]);
  });
});
