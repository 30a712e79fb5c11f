import { expect } from 'chai';
import { entrySchema, newPatchSchema, type PlantListItem } from '@emberfield/contract';
import { blankFind, canKeep, nextToSend, patchOf, stateOf, toggled, withState, type FindDraft } from './find-draft.ts';
import { plantsFor } from './find-plants.ts';

const blank = (over: Partial<FindDraft> = {}): FindDraft => ({
  ...blankFind({ day: '2026-01-20', now: '2026-01-20T10:00:00.000Z', name: 'Find 3, 20 January 2026' }),
  ...over,
});
const HERE = { type: 'Point', coordinates: [-30, 46] } as const;

describe('a find while it is noted', () => {
  it('can be kept with a position and nothing else', () => {
    expect(canKeep(blank())).to.equal(false);
    expect(canKeep(blank({ geometry: HERE }))).to.equal(true);
  });
  it('amounts to a place and an entry that the contract takes, with nothing pressed', () => {
    const find = blank({ geometry: HERE, heightM: 41.26, name: ' ' });
    const patch = patchOf(find);
    expect(() => newPatchSchema.validateSync(patch, { strict: true })).not.to.throw();
    expect(patch).to.include({ name: '2026-01-20', heightM: 41.3 });
    const entry = {
      id: find.entryId,
      kind: 'find',
      schemaVersion: 1,
      patchId: find.patchId,
      standId: null,
      visitId: null,
      day: find.day,
      zone: 'UTC',
      madeAt: find.madeAt,
      device: 'x',
      replaces: null,
      body: find.body,
    };
    expect(() => entrySchema.validateSync(entry, { strict: true })).not.to.throw();
  });
  it('says one state of a sign at a time, and takes it back', () => {
    const once = withState(blank().body, 'smell', 'garlic');
    const twice = withState(withState(once, 'host', 'grass'), 'smell', 'mint');
    expect([stateOf(twice, 'smell'), stateOf(twice, 'host')]).to.deep.equal(['mint', 'grass']);
    expect(stateOf(withState(twice, 'smell', null), 'smell')).to.equal(null);
  });
  it('adds what is pressed and takes away what is pressed again', () => {
    expect(toggled(['oak'], 'beech')).to.deep.equal(['oak', 'beech']);
    expect(toggled(['oak', 'beech'], 'oak')).to.deep.equal(['beech']);
  });
});

describe('finds that wait for a signal', () => {
  it('go oldest first; those being noted, sent or refused do not', () => {
    const finds = [
      blank({ state: 'stored' }),
      blank({ state: 'kept', problem: 'no' }),
      blank(),
      blank({ state: 'kept' }),
    ];
    expect(nextToSend(finds)).to.equal(finds[3]);
    expect(nextToSend(finds.slice(0, 3))).to.equal(null);
  });
});

describe('plants to press on', () => {
  const plant = (key: string, name: string): PlantListItem => ({
    key,
    names: { en: name },
    scientific: key,
    family: '',
    habit: 'herb',
    status: 'common',
    severity: 'none',
    parts: [],
    deadlyLookAlikes: 0,
    copiedFrom: null,
  });
  const plants = [plant('a', 'Elder'), plant('b', 'Ground elder'), plant('c', 'Nettle')];
  const keys = (text: string, chosen: string[] = [], recent: string[] = []) =>
    plantsFor(plants, { text, chosen, recent, nameOf: (p) => p.names['en']! }).map((p) => p.key);
  it('are found by letters, a name’s beginning first', () => {
    expect(keys('elder')).to.deep.equal(['a', 'b']);
    expect(keys('xyz')).to.deep.equal([]);
  });
  it('keep what is chosen in sight, and offer those of this walk', () => {
    expect(keys('nett', ['b'])).to.deep.equal(['b', 'c']);
    expect(keys('', ['b'], ['c', 'b'])).to.deep.equal(['b', 'c']);
    expect(keys('')).to.deep.equal([]);
  });
});
