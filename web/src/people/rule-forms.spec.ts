import { expect } from 'chai';
import { HOUSE_RULE_KINDS, houseRuleSchema } from '@emberfield/contract';
import { defaultFigure, figureOf, ruleWith } from './rule-forms.ts';

describe('the house rules’ form', () => {
  for (const kind of HOUSE_RULE_KINDS)
    it(`makes and reads back ${kind}`, () => {
      const rule = ruleWith(kind, defaultFigure(kind));
      expect(() => houseRuleSchema.validateSync(rule, { strict: true })).not.to.throw();
      expect(figureOf(rule)).to.equal(defaultFigure(kind));
    });
  it('keeps within what a rule can be', () => {
    expect(ruleWith('spread', 0)).to.deep.equal({ kind: 'spread', everyNth: 2 });
    expect(ruleWith('fixedShare', 900)).to.deep.equal({ kind: 'fixedShare', share: 1 });
  });
});
