import { expect } from 'chai';
import { hopkinsDirection, type StageModel, type StageSpec } from './stage-model.ts';

const figure = { value: 100, low: 90, high: 110, source: 'estimate' };
const stage = (key: string, model: StageModel): StageSpec => ({ key, bbch: 1, calendar: figure, model });

describe('the direction of Hopkins’ law', () => {
  const spring = stage('flower', { kind: 'thermal', start: '01-01', baseC: figure, sum: figure });
  const autumn = stage('leaffall', { kind: 'cooling', start: '08-01', baseC: figure, sum: figure });
  const frost = stage('frosted', { kind: 'firstFrost', start: '09-01', thresholdC: figure });
  const after = (key: string, of: string) => stage(key, { kind: 'after', stage: of, days: figure });

  it('is later up and poleward for what warmth brings, earlier for what cold brings', () => {
    expect(hopkinsDirection(spring, [spring])).to.equal('spring');
    expect(hopkinsDirection(autumn, [autumn])).to.equal('autumn');
    expect(hopkinsDirection(frost, [frost])).to.equal('autumn');
  });
  it('is what a calendar stage says of itself', () => {
    for (const direction of ['spring', 'autumn', 'none'] as const) {
      const said = stage('x', { kind: 'calendar', direction });
      expect(hopkinsDirection(said, [said])).to.equal(direction);
    }
  });
  it('follows the stage that a stage hangs on, through any number between', () => {
    const chain = [autumn, after('rosette', 'leaffall'), after('root', 'rosette')];
    expect(hopkinsDirection(chain[2]!, chain)).to.equal('autumn');
    const warm = [spring, stage('fruit', { kind: 'afterWarmth', stage: 'flower', baseC: figure, sum: figure })];
    expect(hopkinsDirection(warm[1]!, warm)).to.equal('spring');
  });
  it('ends where a stage hangs on itself or on none', () => {
    const own = after('own', 'own');
    expect(hopkinsDirection(own, [own])).to.equal('spring');
    expect(hopkinsDirection(after('lost', 'nowhere'), [])).to.equal('spring');
  });
});
