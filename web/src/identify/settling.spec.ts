import { expect } from 'chai';
import type { StandView } from '@emberfield/contract';
import type { Severity } from '@emberfield/core/identity';
import type { Candidate } from './field-left.ts';
import { settling } from './settling.ts';

const stand = (habit: string, ...lookAlikes: string[]) =>
  ({
    plantKey: 'wanted',
    profile: { habit },
    lookAlikes: lookAlikes.map((plantKey) => ({ plantKey })),
  }) as unknown as StandView;
const left = (...keys: (readonly [string, Severity])[]) => ({
  remaining: keys.map(([key, severity]) => ({ key, severity }) as unknown as Candidate),
});
const saw = (sign: string) => [{ sign, state: 'x', present: true }];
const WANTED = ['wanted', 'none'] as const;

describe('settling a stand by what was seen', () => {
  it('offers "confirmed" once no deadly look-alike of it is left', () => {
    const twin = ['twin', 'deadly'] as const;
    expect(settling(stand('herb', 'twin'), left(WANTED, twin), { seen: saw('smell') })).to.deep.include({
      mayConfirm: false,
    });
    expect(settling(stand('herb', 'twin'), left(WANTED), { seen: saw('smell') }).mayConfirm).to.equal(true);
  });
  it('lets milder ones stand open, and writes them down', () => {
    const { mayConfirm, leftOpen } = settling(stand('herb', 'rash'), left(WANTED, ['rash', 'harmful']), {
      seen: saw('smell'),
    });
    expect([mayConfirm, leftOpen.map((c) => c.key)]).to.deep.equal([true, ['rash']]);
  });
  it('minds only the look-alikes of this plant, not every deadly one of the list', () => {
    expect(
      settling(stand('herb', 'twin'), left(WANTED, ['far', 'deadly']), { seen: saw('smell') }).mayConfirm,
    ).to.equal(true);
  });
  it('does not confirm by nothing seen, nor what was seen to be something else', () => {
    expect(settling(stand('herb'), left(WANTED), { seen: [] }).mayConfirm).to.equal(false);
    expect(settling(stand('herb'), left(['other', 'none']), { seen: saw('smell') })).to.deep.include({
      itselfRuledOut: true,
      mayConfirm: false,
    });
  });
  it('asks of a fungus what it stands on', () => {
    expect(settling(stand('fungus'), left(WANTED), { seen: saw('cap') })).to.deep.include({
      hostMissing: true,
      mayConfirm: false,
    });
    const seen = [...saw('cap'), ...saw('host')];
    expect(settling(stand('fungus'), left(WANTED), { seen }).mayConfirm).to.equal(true);
  });
});
