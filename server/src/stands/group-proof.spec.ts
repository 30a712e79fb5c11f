import { expect } from 'chai';
import type { GroupProof } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, standOf } from '../testing/test-server.ts';

describe('how good the dates of a group were', () => {
  const group = openedGroup();
  const proof = async (): Promise<GroupProof> => (await group.ask('get', 'proof').expect(200)).body as GroupProof;
  const seen = (
    place: Awaited<ReturnType<typeof standOf>>,
    stage: string,
    days: readonly (readonly [string, boolean])[],
  ) =>
    group.tellAll(
      days.map(([day, reached]) => entryOf(place, 'stageSighting', { stage, reached, share: null }, { day })),
    );

  it('is nothing of an empty group', async () =>
    expect(await proof()).to.deep.equal({
      daysBefore: 14,
      all: null,
      plants: [],
      calibration: null,
      looks: [],
      waiting: 0,
    }));
  it('is told by plant and stage, with all of it together', async () => {
    const elder = await group.stand('elder');
    const nettle = await group.stand('nettle');
    for (const year of [2022, 2023, 2024, 2025]) {
      await seen(elder, 'firstFlowers', [
        [`${year}-05-14`, false],
        [`${year}-05-17`, true],
      ]);
      await seen(nettle, 'shoots', [
        [`${year}-03-10`, false],
        [`${year}-03-14`, true],
      ]);
    }
    const { all, plants, calibration, waiting } = await proof();
    expect(waiting).to.equal(0);
    expect(plants.map((p) => [p.plantKey, p.stages.map((s) => s.stage), p.scores.trials]).sort()).to.deep.equal([
      ['elder', ['firstFlowers'], 3],
      ['nettle', ['shoots'], 3],
    ]);
    expect(all!.trials).to.equal(6);
    // On the same days each year, so far as anybody saw: not off by nothing, and not by much.
    expect(all!.lastYear).to.be.within(0.5, 2);
    expect(calibration!.reduce((a, b) => a + b)).to.be.closeTo(1, 1e-9);
  });
  it('says where a look would narrow most: where nobody has looked', async () => {
    const known = await group.stand('elder', { patch: { name: 'Known hedge' } });
    await group.stand('elder', { patch: { name: 'Far hedge' } });
    await seen(known, 'firstFlowers', [
      ['2026-05-13', false],
      ['2026-05-15', true],
    ]);
    const { looks } = await proof();
    expect(looks[0]).to.include({ patchName: 'Far hedge' });
    expect(looks[0]!.days).to.be.above(1);
    expect(looks[0]!.day >= '2026-05-15').to.equal(true);
    expect(looks.find((l) => l.patchName === 'Known hedge')?.days ?? 0).to.be.below(looks[0]!.days);
  });
});
