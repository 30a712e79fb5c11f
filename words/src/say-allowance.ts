// How much, why, and how it adds up, in words.
import type { AllowanceView, CeilingView, StepView, UnitKey } from '@emberfield/contract';
import { fractionOf } from '@emberfield/core/allowance';
import type { Format } from './format.ts';
import type { Translate } from './translate.ts';

export interface AllowanceWords {
  readonly allowance: (allowance: AllowanceView) => string;
  readonly heldBy: (allowance: AllowanceView) => string;
  readonly ceiling: (ceiling: Pick<CeilingView, 'kind' | 'values'>, unit: UnitKey) => string;
  /** A line a step of the sum: what it does, and the figure it ends with. */
  readonly steps: (allowance: AllowanceView) => readonly { readonly what: string; readonly left: string }[];
  /** The whole sum as one sentence. */
  readonly sum: (allowance: AllowanceView) => string;
}

export function createAllowanceWords(
  t: Translate,
  format: Format,
  amount: (n: number, unit: UnitKey) => string,
): AllowanceWords {
  /** A share as so many of so many, where it is one that people say; else in per cent. */
  const fraction = (key: string, share: number): string => {
    const said = fractionOf(Math.min(1, Math.max(0, share)));
    if (!said || Math.abs(said.take / said.of - share) > 0.005)
      return t(`${key}Percent`, { percent: format.percent(share) });
    return said.take === 1 ? t(`${key}One`, { of: said.of }) : t(key, { take: said.take, of: said.of });
  };

  const allowance = (a: AllowanceView): string => {
    if (a.kind === 'none') return t('allowance.none');
    if (a.kind === 'all') return t('allowance.all');
    if (a.kind === 'counted' && a.amount !== null && a.amountLeft !== null) {
      if (a.takenAmount > 0 || a.plants === null)
        return t('allowance.counted', { left: amount(a.amountLeft, a.unit), amount: format.number(a.amount) });
      return t('allowance.countedFresh', {
        amount: amount(a.amount, a.unit),
        plants: t('plantCount', { n: a.plants }),
      });
    }
    if (a.fraction !== null && a.perPlant !== null)
      return t(a.fraction.take === 1 ? 'allowance.relativeOne' : 'allowance.relative', {
        perPlant: amount(a.perPlant, a.unit),
        take: a.fraction.take,
        of: a.fraction.of,
      });
    return a.perPlant === null
      ? t('allowance.notCounted')
      : t('allowance.relativePerPlant', { perPlant: amount(a.perPlant, a.unit) });
  };

  const ceiling = ({ kind, values: v }: Pick<CeilingView, 'kind' | 'values'>, unit: UnitKey): string => {
    const num = (name: string): number => Number(v[name] ?? 0);
    const until = typeof v['until'] === 'string' ? v['until'] : null;
    switch (kind) {
      case 'perPlantCap':
        return t('ceiling.perPlantCap', { n: amount(num('perPlant'), unit) });
      case 'fixedShare':
        return fraction('ceiling.fixedShare', num('share'));
      case 'lightPruning':
        return fraction('ceiling.lightPruning', num('share'));
      case 'leaveForOthers':
        return t('ceiling.leaveForOthers', { percent: format.percent(num('share')) });
      case 'keepFlowering':
        return t('ceiling.keepFlowering', { percent: format.percent(num('share')) });
      case 'spread':
        return t('ceiling.spread', { n: num('everyNth') });
      case 'quota':
        return t('ceiling.quota', { n: amount(num('amount'), unit) });
      case 'age':
        return v['ageYears'] == null
          ? t('ceiling.ageUnknown', { n: num('minYears') })
          : num('ageYears') < num('minYears')
            ? t('ceiling.ageYoung', { age: num('ageYears'), n: num('minYears') })
            : t('ceiling.age', { n: num('minYears') });
      case 'rest':
        return until ? t('ceiling.rest', { day: format.dayAndYear(until) }) : t('ceiling.restOpen');
      case 'frozen':
        return until ? t('ceiling.frozenUntil', { day: format.dayAndYear(until) }) : t('ceiling.frozen');
      case 'closedDays':
        return t('ceiling.closedDays', { day: until ? format.dayAndYear(until) : '?' });
      case 'tide':
        return until ? t('ceiling.tideUntil', { day: format.dayAndYear(until) }) : t('ceiling.tide');
      case 'wrongYear':
        return t(v['yearOfLife'] === 2 ? 'ceiling.wrongYear2' : 'ceiling.wrongYear1', {
          day: until ? format.dayAndYear(until) : '?',
        });
      case 'ownerLeave':
        return v['leave'] === 'refused'
          ? t('ceiling.ownerRefused')
          : v['leave'] === 'notAsked'
            ? t('ceiling.ownerNotAsked')
            : t('ceiling.ownerEnded', { day: until ? format.dayAndYear(until) : '?' });
      case 'identity':
        return t(v['status'] === 'provisional' ? 'ceiling.identityProvisional' : 'ceiling.identityUnconfirmed');
      case 'lookAlikeSeen':
        return t('ceiling.lookAlikeSeen', { name: String(v['name'] ?? '') });
      case 'lookAlikeUnsearched':
        return t(v['search'] === 'expired' ? 'ceiling.lookAlikeExpired' : 'ceiling.lookAlikeUnsearched', {
          name: String(v['name'] ?? ''),
        });
      case 'leafByLeaf':
      case 'familyClosed':
        return t(`ceiling.${kind}`, { name: String(v['name'] ?? ''), family: String(v['family'] ?? '') });
      default:
        return t(`ceiling.${kind}`);
    }
  };

  const heldBy = (a: AllowanceView): string => {
    const binding = a.ceilings.find((c) => c.binding);
    return binding
      ? ceiling(binding, a.unit)
      : a.plantsCounted === null
        ? t('allowance.notCounted')
        : t('allowance.nothingHolds');
  };

  const plants = (n: number | null): string => t('plantCount', { n: n ?? 0 });
  const step = (s: StepView, unit: UnitKey): { readonly what: string; readonly left: string } => {
    switch (s.kind) {
      case 'count':
      case 'losses':
      case 'killed':
        return { what: t(`allowance.step.${s.kind}`), left: plants(s.plants) };
      case 'perPlant':
        return {
          what: t(s.rule ? 'allowance.step.perPlantBy' : 'allowance.step.perPlant', {
            each: amount(s.perPlant ?? 0, unit),
            rule: s.rule ? ceiling(s.rule, unit) : '',
          }),
          left: amount(s.amount ?? 0, unit),
        };
      case 'quota':
        return { what: s.rule ? ceiling(s.rule, unit) : '', left: amount(s.amount ?? 0, unit) };
      default:
        return { what: s.rule ? ceiling(s.rule, unit) : '', left: plants(s.plants) };
    }
  };
  const steps = (a: AllowanceView): readonly { readonly what: string; readonly left: string }[] =>
    a.steps.map((s) => step(s, a.unit));
  const sum = (a: AllowanceView): string => {
    const [first, ...rest] = steps(a);
    if (!first) return '';
    return [t('allowance.step.atLeast', { plants: first.left }), ...rest.map((s) => `${s.what}: ${s.left}`)].join(
      ' → ',
    );
  };
  return { allowance, heldBy, ceiling, steps, sum };
}
