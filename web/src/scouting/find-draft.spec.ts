import { expect } from 'chai';
import { entrySchema, newPatchSchema, type PlantListItem } from '@emberfield/contract';
import type { OutCall } from '../offline/outbox.ts';
import {
  answeredOf,
  blankFind,
  callsOf,
  canKeep,
  patchOf,
  standingOf,
  stateOf,
  withState,
  type FindDraft,
} from './find-draft.ts';
import { toggled } from '../kit/toggled.ts';
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

describe('a find on its way', () => {
  const find = blank({ name: 'Rim', geometry: { type: 'Point', coordinates: [-30, 46] } });
  const photos = new Map([['p1', new Blob(['x'])]]);
  it('is its place first, then what was noted, then its photos', () => {
    const calls = callsOf(find, 'UTC', photos);
    expect(calls.map((c) => c.route)).to.deep.equal(['newPatch', 'sync', 'addPhoto']);
    const [place, noted, photo] = calls as [
      OutCall & { route: 'newPatch' },
      OutCall & { route: 'sync' },
      OutCall & { route: 'addPhoto' },
    ];
    expect([place.body.id, noted.body.entries[0]!.patchId, photo.query.patch]).to.deep.equal(
      Array(3).fill(find.patchId),
    );
    expect(noted.body.entries.map((e) => e.id)).to.deep.equal([find.entryId]);
  });
  it('goes again without what was answered, once the rest is mended', () => {
    const left = callsOf(find, 'UTC', photos).slice(1);
    const answered = answeredOf(left);
    expect(answered).to.deep.equal(['newPatch']);
    expect(callsOf({ ...find, answered }, 'UTC', photos)).to.deep.equal(left);
    expect(answeredOf(left.slice(1))).to.deep.equal(['newPatch', 'sync']);
  });
  it('stands as the outbox has it: waiting, refused, or gone out', () => {
    const none = { waiting: [], refused: [] };
    const it = { id: find.entryId };
    const standing = (state: FindDraft['state'], outbox: Partial<typeof none> | object) =>
      standingOf({ state, entryId: find.entryId }, { ...none, ...outbox });
    expect(standing('draft', none)).to.equal('draft');
    expect(standing('kept', none)).to.equal('waiting');
    expect(standing('sent', { waiting: [it] })).to.equal('waiting');
    expect(standing('sent', { refused: [it] })).to.equal('refused');
    expect(standing('sent', { waiting: [{ id: 'another' }] })).to.equal('sent');
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
    here: true,
    own: false,
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
