import { expect } from 'chai';
import { islandDatabase } from './application.ts';
import { runFaults } from './faults/run.ts';

// The short form of `npm run faults`. The database is the others' as well, and stays.
describe('whatever fails while things are noted', () => {
  it('each that was acknowledged is there exactly once', async () => {
    const table = await runFaults({
      entries: 30,
      pickers: ['Mirel', 'Ode'],
      faults: ['answer', 'browser', 'server', 'network', 'tab'],
      every: 4,
      databaseUrl: await islandDatabase('emberfield_e2e_faults'),
    });
    expect(table.missing).to.deep.equal([]);
    expect(table.doubled).to.deep.equal([]);
    // Something did go wrong, and most of it was noted all the same.
    expect(table.answersLost).to.be.above(0);
    expect(Math.min(table.happened.browser, table.happened.server, table.happened.tab)).to.be.above(0);
    expect(table.acknowledged).to.be.above(20);
  });
});
