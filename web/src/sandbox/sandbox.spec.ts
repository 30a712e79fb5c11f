import { expect } from 'chai';
import type { SandboxVerdict } from '@emberfield/core/sandbox';
import { createWords } from '@emberfield/words';
import { sayVerdict } from './say-verdict.ts';

const verdict: SandboxVerdict = {
  ...{ truly: 142, believed: { value: 138, low: 138, high: 145 }, opens: 22385, closes: null, ruled: 27 },
  ...{ taken: { early: 20, inTime: 10, late: 0 }, bears: 23, said: { plants: 26, low: 21, high: 29 } },
  ...{ asPlayed: { plants: 77, halved: 0.05 }, asSaid: { plants: 10, halved: 0.86 } },
};
const say = (v: Partial<SandboxVerdict> = {}) => sayVerdict({ ...verdict, ...v }, createWords('en'));

describe('what was true of a year that was played', () => {
  it('is said with what was thought of it, and warns of what was taken at the wrong time', () => {
    const lines = say();
    expect(lines[0]!.said).to.equal('There were 142 plants. You thought 138 (138–145).');
    expect(lines.find((l) => l.said.startsWith('You took'))).to.deep.equal({
      said: 'You took from 30: 20 too early and 10 in time.',
      warns: true,
    });
  });
  it('says so where Emberfield itself would have been wrong', () => {
    expect(say().at(-1)!.said).to.match(/^Here Emberfield would have been wrong/);
    expect(say().at(-2)!.warns).to.equal(true);
    const right = say({ asSaid: { plants: 140, halved: 0.02 } });
    expect(right.some((l) => l.said.startsWith('Here Emberfield'))).to.equal(false);
    // Who takes nothing has not been wrong about what may be taken.
    const nothing = say({ said: { plants: 0, low: 0, high: 1 } });
    expect(nothing.some((l) => l.said.startsWith('Here Emberfield'))).to.equal(false);
  });
  it('says nothing of what nobody counted, and of what never came that it did not', () => {
    const lines = say({ believed: null, said: null, asSaid: null, ruled: null, opens: null, bears: null }).map(
      (l) => l.said,
    );
    expect(lines).to.include('There were 142 plants. You did not count.');
    expect(lines).to.include('They were never in season this year.');
    expect(lines).to.include('It truly bears nothing: it is hardly sure to hold if it is left alone.');
    expect(lines.at(-1)).to.equal('Without a count Emberfield would have said nothing.');
  });
});
