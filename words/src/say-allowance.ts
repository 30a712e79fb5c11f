// How much, why, and how it adds up, in words.
import type { AllowanceView, StepView, Text, UnitKey } from '@emberfield/contract';
import type { Format } from './format.ts';
import { createCeilingWords, type SayCeiling } from './say-ceiling.ts';
import type { Translate } from './translate.ts';

export interface AllowanceWords {
  readonly allowance: (allowance: AllowanceView) => string;
  /** Where a line has no room for more: "12 tips of 160". */
  readonly allowanceShort: (allowance: AllowanceView) => string;
  readonly heldBy: (allowance: AllowanceView) => string;
  /** What others have set aside for today; empty where nobody has. */
  readonly aside: (allowance: Pick<AllowanceView, 'heldAmount' | 'unit'>) => string;
  readonly ceiling: SayCeiling;
  /** A line a step of the sum: what it does, and the figure it ends with. */
  readonly steps: (allowance: AllowanceView) => readonly { readonly what: string; readonly left: string }[];
  /** The whole sum as one sentence. */
  readonly sum: (allowance: AllowanceView) => string;
}

export function createAllowanceWords(
  t: Translate,
  format: Format,
  amount: (n: number, unit: UnitKey) => string,
  text: (of: Text) => string,
): AllowanceWords {
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
    return sayRelative(a, { t, format, amount });
  };

  const allowanceShort = (a: AllowanceView): string =>
    a.kind !== 'counted' || a.amount === null || a.amountLeft === null
      ? allowance(a)
      : a.takenAmount > 0
        ? t('allowance.countedShort', { left: amount(a.amountLeft, a.unit), amount: format.number(a.amount) })
        : amount(a.amountLeft, a.unit);

  const ceiling = createCeilingWords(t, format, amount, text);
  const heldBy = (a: AllowanceView): string => {
    const binding = a.ceilings.find((c) => c.binding);
    return binding
      ? ceiling(binding, a.unit)
      : a.plantsCounted === null
        ? t('allowance.notCounted')
        : t('allowance.nothingHolds');
  };

  const aside = ({ heldAmount = 0, unit }: Pick<AllowanceView, 'heldAmount' | 'unit'>): string =>
    heldAmount > 0 ? t('hold.byOthers', { what: amount(heldAmount, unit) }) : '';

  const plants = (n: number | null): string => t('plantCount', { n: n ?? 0 });
  const step = (s: StepView, unit: UnitKey): { readonly what: string; readonly left: string } => {
    switch (s.kind) {
      case 'count':
      case 'losses':
      case 'killed':
      case 'seedSpent':
        return { what: t(`allowance.step.${s.kind}`), left: plants(s.plants) };
      case 'perPlant':
        return {
          what: t(s.rule ? 'allowance.step.perPlantBy' : 'allowance.step.perPlant', {
            each: amount(s.perPlant ?? 0, unit),
            rule: s.rule ? ceiling(s.rule, unit) : '',
          }),
          left: amount(s.amount ?? 0, unit),
        };
      case 'girth':
      case 'perTree': {
        const what = t(s.rule ? `allowance.step.${s.kind}By` : `allowance.step.${s.kind}`, {
          rule: s.rule ? ceiling(s.rule, unit) : '',
        });
        return { what, left: s.kind === 'girth' ? plants(s.plants) : amount(s.amount ?? 0, unit) };
      }
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
  return { allowance, allowanceShort, heldBy, aside, ceiling, steps, sum };
}

type Saying = {
  readonly t: Translate;
  readonly format: Format;
  readonly amount: (n: number, unit: UnitKey) => string;
};

/** Where nothing was counted: of how many, how much of a plant, and beside it what a permit still gives. */
function sayRelative(a: AllowanceView, { t, format, amount }: Saying): string {
  const perPlant = a.perPlant === null ? null : amount(a.perPlant, a.unit);
  const share =
    perPlant === null
      ? t('allowance.notCounted')
      : a.fraction === null
        ? t('allowance.relativePerPlant', { perPlant })
        : t(a.fraction.take === 1 ? 'allowance.relativeOne' : 'allowance.relative', { perPlant, ...a.fraction });
  if (a.amount === null || a.amountLeft === null) return share;
  const left = amount(a.amountLeft, a.unit);
  return t('allowance.relativeWithin', { share, left, amount: format.number(a.amount) });
}
