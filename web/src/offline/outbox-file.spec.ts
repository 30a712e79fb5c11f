import { expect } from 'chai';
import type { Entry } from '@emberfield/contract';
import type { OutCall, Waiting } from './outbox.ts';
import { contentsOf, OutboxFileError, readOutbox, writeOutbox } from './outbox-file.ts';

const ID = (n: number): string => `01990000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const note: Entry = {
  id: ID(1),
  kind: 'note',
  schemaVersion: 1,
  patchId: ID(2),
  standId: ID(3),
  visitId: null,
  day: '2026-05-15',
  zone: 'UTC',
  madeAt: '2026-05-15T10:00:00Z',
  device: 'browser',
  replaces: null,
  body: { text: 'wet' },
};
const bytes = new Uint8Array(70_000).map((_, i) => i % 256);
const photo: OutCall = {
  route: 'addPhoto',
  params: { photoId: ID(4) },
  query: { patch: ID(2), day: '2026-05-15' },
  body: new Blob([bytes]),
};
const item = (calls: readonly OutCall[]): Waiting => ({
  id: ID(1),
  accountId: 'ode',
  groupId: ID(9),
  putAt: 5,
  label: 'Visit',
  calls,
  lastTry: 7,
  problem: 'no',
});
const whyNot = (text: string, who = 'ode'): string => {
  try {
    readOutbox(text, who);
    return '';
  } catch (error) {
    return (error as OutboxFileError).why;
  }
};

describe('what waits, as a file', () => {
  it('is read back as it was, photos too, to be sent anew', async () => {
    const text = await writeOutbox('ode', [item([{ route: 'sync', body: { entries: [note] } }, photo])]);
    const [read] = readOutbox(text, 'ode');
    expect(read).to.deep.include({ id: ID(1), accountId: 'ode', putAt: 5, lastTry: null, problem: '' });
    expect(read!.calls[0]).to.deep.equal({ route: 'sync', body: { entries: [note] } });
    const back = read!.calls[1] as OutCall & { route: 'addPhoto' };
    expect(back.params).to.deep.equal({ photoId: ID(4) });
    expect(new Uint8Array(await back.body.arrayBuffer())).to.deep.equal(bytes);
  });
  it('is nobody else’s, and no file of another kind or of a later time', async () => {
    const text = await writeOutbox('ode', [item([{ route: 'sync', body: { entries: [note] } }])]);
    expect(whyNot(text)).to.equal('');
    expect(whyNot(text, 'mirel')).to.equal('anothers');
    expect(whyNot(text.replace('"version": 1', '"version": 2'))).to.equal('newer');
    for (const other of ['', '[]', 'null', '{"format":"x"}', '<html>']) expect(whyNot(other)).to.equal('notThis');
  });
  it('brings in nothing that the application itself would not send', async () => {
    const broken = async (calls: readonly unknown[]): Promise<string> =>
      whyNot(await writeOutbox('ode', [item(calls as readonly OutCall[])]));
    expect(await broken([])).to.equal('broken');
    expect(await broken([{ route: 'sync', body: { entries: [{ ...note, day: 'soon' }] } }])).to.equal('broken');
    expect(await broken([{ route: 'removeAccount', body: {} }])).to.equal('broken');
    expect(await broken([{ route: 'constructor', body: {} }])).to.equal('broken');
    expect(await broken([{ route: 'changePatch', params: { patchId: '../../session' }, body: {} }])).to.equal('broken');
    expect(await broken([{ ...photo, params: { photoId: '..' } }])).to.equal('broken');
    const text = await writeOutbox('ode', [item([photo])]);
    expect(whyNot(text.replace(/"body": "[^"]*"/, '"body": "%%%"'))).to.equal('broken');
  });
  it('says what it holds by what is in it, whatever it calls itself', () => {
    const take = { ...note, kind: 'take', body: {} } as unknown as Entry;
    const items = [
      { ...item([{ route: 'sync', body: { entries: [note, take, take] } }, photo]), label: 'One harmless note' },
      item([{ route: 'changePatch', params: { patchId: ID(2) }, body: {} as never }]),
    ];
    expect(contentsOf(items)).to.deep.equal([
      { what: 'takes', n: 2 },
      { what: 'others', n: 1 },
      { what: 'changes', n: 1 },
      { what: 'photos', n: 1 },
    ]);
    expect(contentsOf([])).to.deep.equal([]);
  });
});
