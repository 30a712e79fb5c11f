import { expect } from 'chai';
import { censusSchema, entrySchema, faultsOf } from '@emberfield/contract';
import { blankVisit, censusOf, draftsOf, estimateOf, hereNow, stageNow, type VisitDraft } from './visit-draft.ts';

const id = '01900000-0000-7000-8000-000000000001';
const place = {
  patchId: id,
  standId: id,
  day: '2026-05-15',
  lookAlike: (n: string) => ({ deadly: n === 'Yew', plantKey: n === 'Yew' ? 'yew' : null }),
  stageNow: 'capsOff',
};
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
      looked: { Yew: 'found', Foxglove: 'notFound' },
      shownBy: 'Ode',
      note: ' wet ',
    });
    expect(drafts.map((d) => d.kind)).to.deep.equal([
      'stageSighting',
      'stageSighting',
      'census',
      'loss',
      'search',
      'search',
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
    expect(drafts[5]!.body).to.include({ lookedFor: 'Foxglove', found: false });
    expect(drafts[4]!.body).to.include({ deadly: true, plantKey: 'yew', found: true, stage: 'capsOff' });
    expect(drafts[1]!.body).to.include({ reached: false, share: null });
  });
  it('is no count while nothing of it was typed; begun, it is told what it lacks', () => {
    expect(censusOf({ ...blankVisit(), countMethod: 'complete' })).to.equal(null);
    expect(censusOf({ ...blankVisit(), countMethod: 'quadrats' })).to.equal(null);
    expect(
      censusOf({ ...blankVisit(), countMethod: 'quadrats', squares: [3, null, 4], standAreaM2: 50 }),
    ).to.deep.include({ counts: [3, 4], quadratAreaM2: 1 });
    const half = { ...blankVisit(), countMethod: 'quadrats' as const, squares: [3, null] };
    expect(faultsOf(censusSchema, censusOf(half)).map((f) => `${f.path} ${f.reason}`)).to.have.members([
      'counts tooFew',
      'standAreaM2 notANumber',
    ]);
    expect(estimateOf(half)).to.equal(null);
    const mature = { ...blankVisit(), countMethod: 'complete' as const, mature: 3 };
    expect(faultsOf(censusSchema, censusOf(mature)).map((f) => f.path)).to.include('plants');
  });
});

describe('ways to count on the visit form', () => {
  const census = (over: Partial<VisitDraft>) => censusOf({ ...blankVisit(), ...over });
  it('tells grown and flowering plants of squares apart where all were counted so', () => {
    const squares = { countMethod: 'quadrats', squares: [5, 3, null], standAreaM2: 40 } as const;
    const of = (squareClasses: VisitDraft['squareClasses']) =>
      census({ ...squares, squares: [5, 3, null], squareClasses });
    const told = of([
      { mature: 4, flowering: 1 },
      { mature: 2, flowering: 0 },
    ]);
    expect(told).to.deep.include({ counts: [5, 3], mature: [4, 2], flowering: [1, 0] });
    expect(faultsOf(censusSchema, told)).to.deep.equal([]);
    expect(of([{ mature: 4, flowering: 1 }, null])).not.to.have.property('mature');
    expect(of([])).not.to.have.property('flowering');
  });
  it('takes belts and clumps as they were typed, and says what is missing', () => {
    const belts = [
      { plants: 5, lengthM: 10 },
      { plants: 3, lengthM: 12 },
      { plants: null, lengthM: null },
    ];
    const body = census({ countMethod: 'belts', belts, beltWidthM: 2, standAreaM2: 300 });
    expect(body).to.deep.equal({ method: 'belts', belts: belts.slice(0, 2), widthM: 2, standAreaM2: 300 });
    expect(faultsOf(censusSchema, body)).to.deep.equal([]);
    const reasons = (v: Partial<VisitDraft>) => faultsOf(censusSchema, census(v)).map((f) => f.reason);
    expect(reasons({ countMethod: 'belts', belts: [{ plants: 5, lengthM: null }], standAreaM2: 30 })).to.include(
      'tooFew',
    );
    expect(reasons({ countMethod: 'belts', belts, beltWidthM: 20, standAreaM2: 300 })).to.deep.equal(['beltsDoNotFit']);
    const tree = { name: ' by the gate ', girthCm: 95, tips: null };
    const line = { name: ' ', girthCm: null, tips: null };
    expect(census({ countMethod: 'trees', trees: [tree, line] })).to.deep.equal({
      method: 'trees',
      trees: [{ ...tree, name: 'by the gate' }],
    });
    expect(census({ countMethod: 'trees', trees: [line] })).to.equal(null);
    const clumps = { countMethod: 'clumps', clumps: 12, shoots: [4, 6, null] } as const;
    expect(census({ ...clumps, shoots: [4, 6, null] })).to.deep.equal({ method: 'clumps', clumps: 12, shoots: [4, 6] });
    expect(reasons({ ...clumps, shoots: [4, 6, 2], clumps: 2 })).to.deep.equal(['moreClumpsThanThere']);
    expect(census({ countMethod: 'belts' })).to.equal(null);
    expect(census({ countMethod: 'clumps' })).to.equal(null);
  });
  it('says what they come to, how sure that is, and how many more it would take', () => {
    const clumps = estimateOf({ ...blankVisit(), countMethod: 'clumps', clumps: 30, shoots: [4, 9, 5] })!;
    expect(clumps).to.include({ value: 180, fit: 't' });
    expect(clumps.moreQuadrats).to.be.above(0);
    const heaps = { countMethod: 'quadrats', squares: [0, 0, 22, 3, 15, 7], standAreaM2: 60 } as const;
    expect(estimateOf({ ...blankVisit(), ...heaps, squares: [...heaps.squares] })!.fit).to.equal('negativeBinomial');
  });
});

describe('a stage on the visit form', () => {
  it('is here now at one stage: that one is reached, the next is not, and nothing is said of the others', () => {
    const keys = ['leaf', 'bud', 'flower'];
    expect(hereNow(keys, 1)).to.deep.equal({ bud: 'reached', flower: 'notYet' });
    expect(hereNow(keys, 2)).to.deep.equal({ flower: 'reached' });
    expect(hereNow(keys, -1)).to.deep.equal({ leaf: 'notYet' });
    for (const at of [-1, 0, 1, 2]) expect(stageNow(hereNow(keys, at), keys)).to.equal(at);
    expect(stageNow({}, keys)).to.equal(null);
  });
});

describe('the count on the visit form', () => {
  const estimate = (over: Partial<VisitDraft>) => estimateOf({ ...blankVisit(), ...over });
  it('is no estimate before it is one', () => {
    expect(estimate({})).to.equal(null);
    expect(estimate({ countMethod: 'eye' })).to.equal(null);
    expect(estimate({ countMethod: 'quadrats', squares: [3, 4], standAreaM2: null })).to.equal(null);
  });
  it('is itself where every plant was counted, a range where it was seen by eye', () => {
    expect(estimate({ countMethod: 'complete', plants: 23 })).to.include({ value: 23, low: 23 });
    const eye = estimate({ countMethod: 'eye', eye: 'hundreds' })!;
    expect(eye.low).to.be.lessThan(eye.value).and.greaterThan(50);
  });
  it('says from squares how many there are, how sure that is, and how many more squares it would take', () => {
    const squares = estimate({
      countMethod: 'quadrats',
      squares: [3, 5, 4, null],
      quadratAreaM2: 1,
      standAreaM2: 100,
    })!;
    expect(squares.value).to.equal(400);
    expect(squares.low).to.be.lessThan(400);
    expect(squares.high).to.be.greaterThan(400);
    expect(squares.moreQuadrats).to.be.greaterThan(0);
  });
  it('waits where the squares together are larger than the stand', () => {
    expect(estimate({ countMethod: 'quadrats', squares: [1, 2, 3], quadratAreaM2: 4, standAreaM2: 10 })).to.equal(null);
  });
});
