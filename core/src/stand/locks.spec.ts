import { expect } from 'chai';
import { dayNumber } from '../measure/index.ts';
import { ALWAYS, NEVER, type PlantProfile } from '../plants/index.ts';
import type { SearchState } from '../identity/index.ts';
import { apartIn, apartStages, canShut, locksOn, mixedIn } from './locks.ts';
import type { LookAlikeStanding } from './look-alikes.ts';
import { windowFrom } from './made-book.ts';

type Twin = PlantProfile['lookAlikes'][number];
const twin = (name: string, over: Partial<Twin> = {}): Twin => ({
  name: { en: name },
  scientific: name,
  severity: 'deadly',
  separatedBy: { en: '' },
  ...over,
});
const day = (iso: string) => ({ p10: dayNumber(iso) - 3, p50: dayNumber(iso), p90: dayNumber(iso) + 3 });
const window = windowFrom('2026-04-01', '2026-06-10', {
  apart: [
    { stage: 'buds', day: day('2026-05-01') },
    { stage: 'flowering', day: day('2026-05-20') },
  ],
});
const ABSENT: SearchState = { state: 'absent', since: 1, until: 99_999 };
const FOUND: SearchState = { state: 'found', since: 1 };
const standing = (lookAlike: Twin, search: SearchState = { state: 'neverLooked' }): LookAlikeStanding => ({
  lookAlike,
  plant: null,
  search,
  where: search.state === 'found' ? 'here' : null,
});
const locks = (standings: readonly LookAlikeStanding[], on: string, separableFrom: string | undefined = 'flowering') =>
  locksOn({ ...window, separableFrom }, standings, dayNumber(on));
const names = (list: readonly LookAlikeStanding[]) => list.map((l) => l.lookAlike.scientific);

describe('what look-alikes lock', () => {
  it('is what their own line says, before what the window says of all', () => {
    const of = (over: Partial<Twin>, separableFrom?: string) => apartIn(twin('x', over), { ...window, separableFrom });
    expect(of({})).to.equal(ALWAYS);
    expect(of({}, NEVER)).to.equal(NEVER);
    expect(of({ apartFrom: 'buds' }, 'flowering')).to.deep.equal(day('2026-05-01'));
    expect(of({ apartFrom: ALWAYS }, NEVER)).to.equal(ALWAYS);
    // A stage that the season does not have never comes.
    expect(of({ apartFrom: 'fruit' })).to.equal(NEVER);
    const lookAlikes = [twin('x', { apartFrom: 'buds' }), twin('y', { apartFrom: ALWAYS }), twin('z')];
    expect(apartStages({ lookAlikes }, { separableFrom: 'flowering' })).to.deep.equal(['flowering', 'buds']);
    expect(apartStages({ lookAlikes: [] }, { separableFrom: NEVER })).to.deep.equal([]);
  });
  it('shuts the window for a deadly one until the day, and is no more once it was looked for in vain', () => {
    const at = (on: string, search?: SearchState) => names(locks([standing(twin('crocus'), search)], on).shut);
    expect([at('2026-05-19'), at('2026-05-20')]).to.deep.equal([['crocus'], []]);
    expect(at('2026-05-19', ABSENT)).to.deep.equal([]);
    expect(at('2026-05-19', { state: 'expired', since: 1, until: 2 })).to.deep.equal(['crocus']);
  });
  it('shuts it to its end where they can never be told apart', () => {
    const root = (search?: SearchState) => locks([standing(twin('hemlock'), search)], '2026-06-10', NEVER);
    expect(names(root().shut)).to.deep.equal(['hemlock']);
    expect(root()).to.include({ apart: NEVER, inseparable: true, early: false });
    expect(root(ABSENT)).to.include({ apart: ALWAYS, inseparable: false });
  });
  it('is clear from the day of the last that is not known to be absent here', () => {
    const both = (crocus?: SearchState) => [
      standing(twin('crocus'), crocus),
      standing(twin('arum', { severity: 'poisonous', apartFrom: 'buds' })),
    ];
    const clear = (standings: readonly LookAlikeStanding[]) =>
      mixedIn({ ...window, separableFrom: 'flowering' }, standings)?.p50 ?? null;
    expect(clear(both())).to.equal('2026-05-20');
    expect(clear(both(ABSENT))).to.equal('2026-05-01');
    expect(clear([standing(twin('crocus'), ABSENT)])).to.equal(null);
    expect(mixedIn({ ...window, separableFrom: NEVER }, both())?.p50, 'mixed to its end').to.equal('2026-06-10');
  });
  it('is picked piece by piece where every piece shows it, and what is milder; a mere nuisance locks nothing', () => {
    const list = [
      standing(twin('crocus', { pieceByPiece: true })),
      standing(twin('lily')),
      standing(twin('arum', { severity: 'poisonous' })),
      standing(twin('grass', { severity: 'nuisance' })),
    ];
    const early = locks(list, '2026-05-19');
    expect(names(early.shut)).to.deep.equal(['lily']);
    expect(names(early.pieceByPiece)).to.deep.equal(['crocus', 'arum']);
    expect(early.early).to.equal(true);
    expect(locks(list, '2026-05-20')).to.deep.include({ shut: [], pieceByPiece: [], inseparable: false });
  });
  it('is everything where a deadly one was seen, told apart or not; a milder one that was seen is picked around', () => {
    const late = locks([standing(twin('crocus', { pieceByPiece: true }), FOUND)], '2026-06-01');
    expect(late.seen?.lookAlike.scientific).to.equal('crocus');
    expect(late.pieceByPiece).to.deep.equal([]);
    const milder = locks([standing(twin('arum', { severity: 'poisonous' }), FOUND)], '2026-06-01');
    expect([milder.seen, names(milder.pieceByPiece)]).to.deep.equal([null, ['arum']]);
  });
  it('can shut a plant at all only where some window or the look-alike itself says so', () => {
    const windows = (...from: (string | undefined)[]) => ({
      windows: from.map((separableFrom) =>
        separableFrom ? { separableFrom } : {},
      ) as unknown as PlantProfile['windows'],
    });
    expect(canShut(windows(undefined), twin('yew'))).to.equal(false);
    expect(canShut(windows(undefined, NEVER), twin('yew'))).to.equal(true);
    expect(canShut(windows(NEVER), twin('yew', { apartFrom: ALWAYS }))).to.equal(false);
    expect(canShut(windows(undefined), twin('webcap', { apartFrom: NEVER }))).to.equal(true);
  });
});
