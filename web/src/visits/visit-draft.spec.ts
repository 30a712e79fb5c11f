import { expect } from 'chai';
import { entrySchema } from '@emberfield/contract';
import { blankVisit, censusOf, draftsOf, type VisitDraft } from './visit-draft.ts';

const id = '01900000-0000-7000-8000-000000000001';
const place = { patchId: id, standId: id, day: '2026-05-15', deadly: (n: string) => n === 'Yew', stageNow: 'capsOff' };
const filled = (over: Partial<VisitDraft>) => draftsOf({ ...blankVisit(), ...over }, place);

describe('the visit form', () => {
  it('makes nothing of an empty form', () => expect(filled({})).to.deep.equal([]));
  it('makes an entry of everything that was pressed, each as the contract wants it', () => {
    const drafts = filled({
      stages: { capsOff: 'reached', hard: 'notYet' },
      share: 0.5,
      countMethod: 'eye',
      eye: 'dozens',
      lossCause: 'mown',
      lookedFor: 'Yew',
      found: true,
      identity: 'confirmed',
      signs: ['rolls between the fingers'],
      shownBy: 'Ode',
      note: ' wet ',
    });
    expect(drafts.map((d) => d.kind)).to.deep.equal([
      'stageSighting',
      'stageSighting',
      'census',
      'loss',
      'search',
      'identity',
      'provenance',
      'note',
    ]);
    for (const d of drafts) {
      const entry = {
        id,
        schemaVersion: 1,
        zone: 'UTC',
        madeAt: '2026-05-15T10:00:00Z',
        device: 'x',
        replaces: null,
        visitId: null,
        ...d,
      };
      expect(() => entrySchema.validateSync(entry, { strict: true }), d.kind).not.to.throw();
    }
    expect(drafts[4]!.body).to.include({ deadly: true, found: true, stage: 'capsOff' });
    expect(drafts[1]!.body).to.include({ reached: false, share: null });
  });
  it('waits with a count until it is one', () => {
    expect(censusOf({ ...blankVisit(), countMethod: 'complete' })).to.equal(null);
    expect(censusOf({ ...blankVisit(), countMethod: 'quadrats', squares: [3, null], standAreaM2: 50 })).to.equal(null);
    expect(
      censusOf({ ...blankVisit(), countMethod: 'quadrats', squares: [3, null, 4], standAreaM2: 50 }),
    ).to.deep.include({ counts: [3, 4], quadratAreaM2: 1 });
  });
});
