import { expect } from 'chai';
import { entrySchema, type AllowanceView, type PartOutlook, type PlantProfile } from '@emberfield/contract';
import { blankLog, blankStand, draftsOfLog, lineOf, noted, oneMore, type PlaceLog } from './place-log.ts';

const parts = [
  { key: 'leaf', unit: 'leaf', kills: false, massG: null },
  { key: 'root', unit: 'root', kills: true, massG: null, perPlant: { value: 1 } },
];
const profile = { parts, stages: ['shoot', 'leaf', 'flower'].map((key) => ({ key })) } as unknown as PlantProfile;
const stand = (id: string) => ({ id, profile });
const of = (part: 'leaf' | 'root') => ({ part, method: 'usual' }) as const;
const at = { patchId: '01990000-0000-7000-8000-000000000001', day: '2026-05-15', nothingSaid: 'Nothing to take.' };
const A = '01990000-0000-7000-8000-00000000000a';
const B = '01990000-0000-7000-8000-00000000000b';

describe('what is noted at a place', () => {
  it('is nothing of stands that nobody touched', () => {
    expect(draftsOfLog(blankLog(), [stand(A), stand(B)], at)).to.deep.equal([]);
  });
  it('is takes, stages and notes that the contract takes', () => {
    let log = noted(blankLog(), A, { amount: 3, of: of('leaf') });
    log = noted(log, A, { stage: 1 });
    log = noted(log, B, { nothing: true });
    const drafts = draftsOfLog(log, [stand(A), stand(B)], at);
    expect(drafts.map((d) => [d.standId, d.kind, d.body])).to.deep.equal([
      [A, 'stageSighting', { stage: 'leaf', reached: true, share: null }],
      [A, 'stageSighting', { stage: 'flower', reached: false, share: null }],
      [A, 'take', drafts[2]!.body],
      [B, 'note', { text: 'Nothing to take.' }],
    ]);
    expect(drafts[2]!.body).to.include({ part: 'leaf', amount: 3, measure: 'unit', killed: null });
    const envelope = { schemaVersion: 1, visitId: null, zone: 'UTC', madeAt: '2026-05-15T10:00:00Z', device: 'x' };
    for (const d of drafts)
      expect(() =>
        entrySchema.validateSync({ id: A, replaces: null, ...envelope, ...d }, { strict: true }),
      ).not.to.throw();
  });
  it('says how many plants a root was dug from', () => {
    const [take] = draftsOfLog(noted(blankLog(), B, { amount: 2, of: of('root') }), [stand(B)], at);
    expect(take!.body).to.include({ part: 'root', killed: 2 });
  });
  it('gives the time at the place to what was taken there, in equal shares, and none to what was only seen', () => {
    const took = [A, B].reduce((log, id) => noted(log, id, { amount: 2, of: of('leaf') }), blankLog());
    const minutesOf = (log: PlaceLog) =>
      draftsOfLog(log, [stand(A), stand(B)], at).map((d) => (d.body as { readonly minutes?: number | null }).minutes);
    expect(minutesOf({ ...took, stay: { minutes: 25, walkMinutes: 9 } })).to.deep.equal([13, 13]);
    expect(minutesOf(took)).to.deep.equal([undefined, undefined]);
    const seen = noted(noted(took, B, { amount: 0 }), B, { nothing: true });
    expect(minutesOf({ ...seen, stay: { minutes: 25, walkMinutes: null } })).to.deep.equal([25, undefined]);
  });
  it('does not say of a stand that there is nothing and that something was taken', () => {
    const took = noted(noted(blankLog(), A, { nothing: true }), A, { amount: 1, of: of('leaf') });
    expect(took.stands[A]).to.deep.equal({ amount: 1, of: of('leaf'), stage: null, nothing: false });
    expect(noted(took, A, { nothing: true }).stands[A]).to.deep.equal({
      amount: 0,
      of: null,
      stage: null,
      nothing: true,
    });
  });
  it('stays with the part that was counted, whatever becomes hottest meanwhile', () => {
    const outlook = (part: string, state: string) => ({ part, readiness: { state } }) as unknown as PartOutlook;
    const both = [outlook('leaf', 'cold'), outlook('root', 'glowing')];
    expect(lineOf(both, blankStand)?.part).to.equal('root');
    expect(lineOf(both, { ...blankStand, amount: 2, of: of('leaf') })?.part).to.equal('leaf');
    expect(lineOf([], blankStand)).to.equal(undefined);
  });
  it('adds by a press what is free to be taken, and no more than is left', () => {
    const allowance = { kind: 'counted', unit: 'leaf', amount: 3, amountLeft: 3, perPlant: 2 } as AllowanceView;
    const outlook = (over: Partial<PartOutlook> = {}) =>
      ({
        allowance,
        readiness: { state: 'glowing' },
        thorns: false,
        leafByLeaf: [],
        ...over,
      }) as unknown as PartOutlook;
    expect([0, 2, 3].map((n) => oneMore(outlook(), n))).to.deep.equal([1, 1, null]);
    const none = { ...allowance, kind: 'none' } as AllowanceView;
    const mixed = { name: { en: 'arum' }, scientific: 'Arum', separatedBy: { en: 'veins' } };
    const cold = { readiness: { state: 'cold', daysToOpen: 90 } } as Partial<PartOutlook>;
    for (const over of [{ thorns: true }, { leafByLeaf: [mixed] }, { allowance: none }, cold])
      expect(oneMore(outlook(over), 0)).to.equal(null);
  });
});
