import { expect } from 'chai';
import { entrySchema, type AllowanceView, type PartOutlook, type ProfilePart } from '@emberfield/contract';
import { blankLog, draftsOfLog, noted, oneMore, type Logged } from './place-log.ts';

const leaf = { key: 'leaf', unit: 'leaf', kills: false, massG: null } as unknown as ProfilePart;
const root = { ...leaf, key: 'root', unit: 'root', kills: true, perPlant: { value: 1 } } as unknown as ProfilePart;
const stand = (standId: string, part: ProfilePart | undefined): Logged => ({
  standId,
  part,
  method: 'usual',
  stages: ['shoot', 'leaf', 'flower'],
});
const at = { patchId: '01990000-0000-7000-8000-000000000001', day: '2026-05-15', nothingSaid: 'Nothing to take.' };
const A = '01990000-0000-7000-8000-00000000000a';
const B = '01990000-0000-7000-8000-00000000000b';

describe('what is noted at a place', () => {
  it('is nothing of stands that nobody touched', () => {
    expect(draftsOfLog(blankLog(), [stand(A, leaf), stand(B, root)], at)).to.deep.equal([]);
  });
  it('is takes, stages and notes that the contract takes', () => {
    let log = noted(blankLog(), A, { amount: 3 });
    log = noted(log, A, { stage: 1 });
    log = noted(log, B, { nothing: true });
    const drafts = draftsOfLog(log, [stand(A, leaf), stand(B, root)], at);
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
    const [take] = draftsOfLog(noted(blankLog(), B, { amount: 2 }), [stand(B, root)], at);
    expect(take!.body).to.include({ part: 'root', killed: 2 });
  });
  it('does not say of a stand that there is nothing and that something was taken', () => {
    const took = noted(noted(blankLog(), A, { nothing: true }), A, { amount: 1 });
    expect(took.stands[A]).to.deep.equal({ amount: 1, stage: null, nothing: false });
    expect(noted(took, A, { nothing: true }).stands[A]).to.deep.equal({ amount: 0, stage: null, nothing: true });
  });
  it('adds by a press what is free to be taken, and no more than is left', () => {
    const allowance = { kind: 'counted', unit: 'leaf', amount: 3, amountLeft: 3, perPlant: 2 } as AllowanceView;
    const outlook = (over: Partial<PartOutlook> = {}) =>
      ({ allowance, thorns: false, leafByLeaf: [], ...over }) as unknown as PartOutlook;
    expect([0, 2, 3].map((n) => oneMore(outlook(), n))).to.deep.equal([1, 1, null]);
    const none = { ...allowance, kind: 'none' } as AllowanceView;
    const mixed = { name: { en: 'arum' }, scientific: 'Arum', separatedBy: { en: 'veins' } };
    for (const over of [{ thorns: true }, { leafByLeaf: [mixed] }, { allowance: none }])
      expect(oneMore(outlook(over), 0)).to.equal(null);
  });
});
