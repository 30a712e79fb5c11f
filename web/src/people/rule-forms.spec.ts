import { expect } from 'chai';
import { faultsOf, HOUSE_RULE_KINDS, houseRuleSchema, type HouseRuleKind } from '@emberfield/contract';
import { defaultFigure, figureOf, ruleLimit, ruleWith } from './rule-forms.ts';

describe('the house rules’ form', () => {
  for (const kind of HOUSE_RULE_KINDS)
    it(`makes and reads back ${kind}`, () => {
      const rule = ruleWith(kind, defaultFigure(kind));
      expect(() => houseRuleSchema.validateSync(rule, { strict: true })).not.to.throw();
      expect(figureOf(rule)).to.equal(defaultFigure(kind));
    });
  it('leaves what cannot be to the schema, and puts nothing in its place', () => {
    const reasons = (kind: HouseRuleKind, figure: number | null): readonly string[] =>
      faultsOf(houseRuleSchema, ruleWith(kind, figure)).map((f) => f.reason);
    expect(reasons('fixedShare', 250)).to.deep.equal(['tooLarge']);
    expect(reasons('fixedShare', null)).to.deep.equal(['notANumber']);
    expect(reasons('spread', 1)).to.deep.equal(['tooSmall']);
    expect(reasons('restYears', 1.5)).to.deep.equal(['notWhole']);
    expect(ruleLimit('rule.share', 1)).to.equal(100);
    expect(ruleLimit('rule.years', 10)).to.equal(10);
  });
});
