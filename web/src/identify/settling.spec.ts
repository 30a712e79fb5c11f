import { expect } from 'chai';
import type { IdentityRow, StandView } from '@emberfield/contract';
import type { Severity } from '@emberfield/core/identity';
import type { Candidate } from './field-left.ts';
import { settling } from './settling.ts';

const stand = (habit: string, ...lookAlikes: string[]) =>
  ({
    plantKey: 'wanted',
    profile: { habit, lookAlikes: [] },
    lookAlikes: lookAlikes.map((plantKey) => ({ plantKey })),
  }) as unknown as StandView;
/** Taxa that what is seen below leaves open, or, where they stand apart, rules out. */
const APART = [
  { sign: 'leafEdge', states: { lobed: 1 }, when: null },
  { sign: 'stemSection', states: { hollow: 1 }, when: null },
];
const MINE = [
  { sign: 'leafEdge', states: { fineTeeth: 1 }, when: null },
  { sign: 'stemSection', states: { square: 1 }, when: null },
];
const left = (...keys: (readonly [string, Severity, shows?: typeof APART])[]) => {
  const rows = keys.map(
    ([key, severity, shows]) =>
      ({ key, severity, scientific: `Planta ${key}`, shows: shows ?? MINE }) as unknown as IdentityRow,
  );
  return {
    rows,
    remaining: rows.map((row) => ({ key: row.key, severity: row.severity, row }) as unknown as Candidate),
  };
};
const saw = (...signs: string[]) =>
  signs.map((s) => ({ sign: s.split('.')[0]!, state: s.split('.')[1]!, present: true }));
const WANTED = ['wanted', 'none'] as const;
const SETTLED = { seen: saw('leafEdge.fineTeeth', 'stemSection.square'), phase: null };
const TWO = saw('leafEdge.fineTeeth', 'stemSection.square');

describe('settling a plant of one’s own', () => {
  const own = (...lookAlikes: readonly { readonly scientific: string; readonly severity: string }[]) =>
    ({ ...stand('herb'), profile: { habit: 'herb', origin: 'own', lookAlikes } }) as unknown as StandView;
  const twin = (severity: string) => ({ scientific: 'Planta twin', severity });
  const apart = left(WANTED, ['twin', 'deadly', APART]);
  it('is not offered before somebody names what it could be taken for', () => {
    const said = settling(own(), apart, SETTLED);
    expect([said.unnamed, said.mayConfirm]).to.deep.equal([true, false]);
    expect(settling(own(twin('deadly')), apart, SETTLED)).to.include({ unnamed: false, mayConfirm: true });
  });
  it('is not offered while a dangerous one of them is on no list, since no sign speaks of it', () => {
    for (const [severity, may] of [
      ['deadly', false],
      ['poisonous', false],
      ['nuisance', true],
    ] as const) {
      const said = settling(own(twin(severity)), left(WANTED), SETTLED);
      expect([said.withoutSigns.length === 0, said.mayConfirm], severity).to.deep.equal([may, may]);
    }
  });
});

describe('settling a stand by what was seen', () => {
  it('offers "confirmed" once nothing deadly or poisonous of the whole list is left, named as a look-alike or not', () => {
    for (const severity of ['deadly', 'poisonous'] as const)
      for (const kin of [['twin'], []]) {
        const said = settling(stand('herb', ...kin), left(WANTED, ['twin', severity]), { seen: TWO, phase: null });
        expect([said.mayConfirm, said.dangerousOpen.map((c) => c.key)]).to.deep.equal([false, ['twin']]);
      }
    expect(settling(stand('herb', 'twin'), left(WANTED), { seen: TWO, phase: null }).mayConfirm).to.equal(true);
    const apart = left(WANTED, ['twin', 'deadly', APART]);
    expect(settling(stand('herb', 'twin'), apart, { seen: TWO, phase: null }).mayConfirm).to.equal(true);
    expect(settling(stand('herb', 'twin'), apart, { seen: TWO.slice(0, 1), phase: null }).mayConfirm).to.equal(false);
  });
  it('lets milder ones stand open, and writes them down', () => {
    const { mayConfirm, leftOpen } = settling(stand('herb', 'rash'), left(WANTED, ['rash', 'harmful']), {
      seen: TWO,
      phase: null,
    });
    expect([mayConfirm, leftOpen.map((c) => c.key)]).to.deep.equal([true, ['rash']]);
  });
  it('asks for signs of two organs that were seen: two of one, or one not found, are not enough', () => {
    const may = (seen: ReturnType<typeof saw>) =>
      settling(stand('herb'), left(WANTED), { seen, phase: null }).mayConfirm;
    expect(may([])).to.equal(false);
    expect(may(saw('leafEdge.fineTeeth', 'leafShape.oval'))).to.equal(false);
    expect(may([...saw('leafEdge.fineTeeth'), { sign: 'stemSection', state: 'square', present: false }])).to.equal(
      false,
    );
    expect(may(TWO)).to.equal(true);
  });
  it('does not confirm what was seen to be something else', () => {
    const field = left(['wanted', 'none', APART], ['other', 'none']);
    expect(settling(stand('herb'), field, { seen: TWO, phase: null })).to.deep.include({
      itselfRuledOut: true,
      mayConfirm: false,
    });
  });
  it('asks of a fungus what it stands on', () => {
    const seen = saw('cap.domed', 'underCap.pores');
    expect(settling(stand('fungus'), left(WANTED), { seen, phase: null })).to.deep.include({
      hostMissing: true,
      mayConfirm: false,
    });
    expect(
      settling(stand('fungus'), left(WANTED), { seen: [...seen, ...saw('host.grass')], phase: null }).mayConfirm,
    ).to.equal(true);
  });
});
