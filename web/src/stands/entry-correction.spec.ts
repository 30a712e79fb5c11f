import { expect } from 'chai';
import { ENTRY_KINDS, entrySchema, type EntryView } from '@emberfield/contract';
import { CATALOGUE } from '@emberfield/catalogue';
import { createWords } from '@emberfield/words';
import { correctedBody, fieldsOf, valuesOf } from './entry-correction.ts';

const words = createWords('en');
const profileOf = (key: string) => CATALOGUE.find((p) => p.key === key)!;
const [nettle, valerian] = [profileOf('nettle'), profileOf('valerian')];
const entry = (kind: EntryView['kind'], body: object): EntryView =>
  ({ id: 'e', kind, body, day: '2026-05-01' }) as unknown as EntryView;
const take = entry('take', {
  part: 'tip',
  amount: 12,
  measure: 'unit',
  plants: 3,
  killed: null,
  quality: 'good',
  eatenOnTheSpot: false,
  overReason: '',
});
const changed = (e: EntryView, over: Record<string, string | number | null>) => {
  const fields = fieldsOf(e, words, nettle);
  return correctedBody(fields, e, { ...valuesOf(fields, e), ...over });
};

describe('a correction', () => {
  it('is none while nothing differs', () => expect(changed(take, {})).to.equal(null));
  it('changes what was changed and leaves the rest, also what no field shows', () => {
    expect(changed(take, { amount: 10 })).to.deep.equal({ ...take.body, amount: 10 });
    expect(changed(take, { plants: null, quality: null })).to.deep.equal({ ...take.body, plants: null, quality: null });
  });
  it('of an amount forgets the handfuls that it was counted by, of anything else keeps them', () => {
    const countedBy = { vessel: 'handful', count: 3, holds: 4 };
    const counted = entry('take', { ...take.body, countedBy });
    expect(changed(counted, { amount: 10 })).to.deep.equal({ ...take.body, amount: 10 });
    expect(changed(counted, { plants: 2 })).to.deep.equal({ ...take.body, plants: 2, countedBy });
  });
  it('of squares forgets what was told apart in them: it was of other numbers', () => {
    const squares = { method: 'quadrats', counts: [5, 3], quadratAreaM2: 1, standAreaM2: 40 };
    const told = entry('census', { ...squares, mature: [4, 3], flowering: [1, 0] });
    expect(changed(told, { counts: '2; 3; 4' })).to.deep.equal({ ...squares, counts: [2, 3, 4] });
  });
  it('of the way of taking forgets how many died of the other, and asks what snapped only of what is dug', () => {
    const dug = entry('take', { ...take.body, part: 'root', killed: 3 });
    const fields = fieldsOf(dug, words, valerian);
    const of = (over: Record<string, string | number | null>) =>
      correctedBody(fields, dug, { ...valuesOf(fields, dug), ...over });
    expect(of({ method: 'sideRoots' })).to.deep.equal({ ...dug.body, method: 'sideRoots', killed: null });
    expect(of({ method: 'sideRoots', killed: 1 })).to.deep.include({ killed: 1 });
    expect(valuesOf(fields, dug)).to.include({ method: 'usual', snapped: 0, tried: 0 });
    expect(of({}), 'what nobody said is said by nobody').to.equal(null);
    expect(of({ snapped: 1 })).to.deep.equal({ ...dug.body, snapped: 1 });
    expect(fieldsOf(take, words, nettle).map((f) => f.key)).not.to.include.members(['method', 'snapped']);
  });
  it('takes a note away by saying nothing, and adds one where there was none', () => {
    expect(changed(entry('take', { ...take.body, note: 'wet' }), { note: '' })).to.deep.include({ note: '' });
    expect(changed(take, { note: 'by the gate', minutes: 20 })).to.deep.include({ note: 'by the gate', minutes: 20 });
  });
  it('leaves a figure that cannot be to the schema, and puts nothing in its place', () => {
    expect(changed(take, { amount: -1 })).to.deep.include({ amount: -1 });
    expect(changed(take, { plants: NaN })).to.deep.include({ plants: NaN });
    expect(changed(take, { amount: null })).to.deep.include({ amount: undefined });
  });
  it('writes shares as per cent and keeps them as shares', () => {
    const loss = entry('loss', { cause: 'grazed', share: 0.125, note: '' });
    expect(valuesOf(fieldsOf(loss, words, nettle), loss)['share']).to.equal(12.5);
    expect(changed(loss, { share: 30 })).to.deep.equal({ cause: 'grazed', share: 0.3, note: '' });
    expect(changed(loss, { share: 130 })).to.deep.include({ share: 1.3 });
    expect(changed(entry('loss', { cause: 'grazed', share: 0.1, note: 'deer' }), { note: null })).to.deep.include({
      note: '',
    });
  });
  it('reads lists of lengths and counts, with either decimal sign', () => {
    const lengths = entry('measurement', { part: 'tip', lengthsCm: [12, 14.5] });
    expect(changed(lengths, { lengthsCm: '12 15, 14; 16,5' })).to.deep.equal({
      part: 'tip',
      lengthsCm: [12, 15, 14, 16.5],
    });
    expect(changed(lengths, { lengthsCm: '12, tall' })).to.deep.include({ lengthsCm: [12, NaN] });
  });
  it('turns yes to no', () => {
    const ground = entry('ground', { frozen: true });
    expect(changed(ground, { frozen: 'no' })).to.deep.equal({ frozen: false });
    const search = entry('search', { lookedFor: 'Hemlock', plantKey: null, found: false, stage: '', deadly: true });
    expect(changed(search, { found: 'yes' })).to.deep.include({ found: true, deadly: true });
  });
  it('can be made of everything that is noted, but for the visit itself, a wish, which is said anew, and what was taken back', () => {
    const bodies: Partial<Record<EntryView['kind'], object>> = {
      stageSighting: { stage: 'buds', reached: true, share: null },
      census: { method: 'complete', plants: 12, mature: null, flowering: null },
      take: take.body,
      loss: { cause: 'mown', share: 0.5, note: '' },
      measurement: { part: 'tip', lengthsCm: [3] },
      search: { lookedFor: 'x', plantKey: null, found: false, stage: '', deadly: false },
      provenance: { shownBy: 'Ode', calledThere: '' },
      identity: { status: 'provisional', phase: null, seen: [], leftOpen: [], signs: [], note: '' },
      awaited: { sign: 'sporePrint', due: '2026-05-02', note: '' },
      ground: { frozen: false },
      find: { note: '' },
      note: { text: 'x' },
    };
    const without = ENTRY_KINDS.filter((k) => fieldsOf(entry(k, bodies[k] ?? {}), words, nettle).length === 0);
    expect(without).to.deep.equal(['visit', 'wish', 'batch', 'batchWeighing', 'batchStep', 'withdrawal']);
    for (const [kind, body] of Object.entries(bodies))
      for (const { label } of fieldsOf(entry(kind as EntryView['kind'], body), words, nettle))
        expect(label, kind).not.to.match(/^\w+\.\w+/);
  });
  it('of a count by eye or by squares keeps its method, and what comes out is an entry', () => {
    const eye = entry('census', { method: 'eye', eye: 'few' });
    expect(changed(eye, { eye: 'dozens' })).to.deep.equal({ method: 'eye', eye: 'dozens' });
    const squares = entry('census', { method: 'quadrats', counts: [1, 2], quadratAreaM2: 1, standAreaM2: 40 });
    const body = changed(squares, { counts: '1, 2, 4' });
    expect(body).to.deep.include({ counts: [1, 2, 4], standAreaM2: 40 });
    const key = '01900000-0000-7000-8000-000000000001';
    const whole = {
      id: key,
      kind: 'census',
      schemaVersion: 1,
      patchId: key,
      standId: key,
      visitId: null,
      day: '2026-05-01',
      zone: 'UTC',
      madeAt: '2026-05-01T08:00:00Z',
      device: 'spec',
      replaces: null,
      body,
    };
    expect(entrySchema.isValidSync(whole)).to.equal(true);
  });
});
