// A rule that holds, in words.
import type { CeilingView, Text, UnitKey } from '@emberfield/contract';
import { fractionOf } from '@emberfield/core/allowance';
import type { Format } from './format.ts';
import type { Translate } from './translate.ts';

export type SayCeiling = (ceiling: Pick<CeilingView, 'kind' | 'values'>, unit: UnitKey) => string;

/** Where it was seen; at the stand itself where the rule does not say. */
const SEEN_WHERE: Readonly<Record<string, string>> = {
  place: 'ceiling.lookAlikeSeenPlace',
  near: 'ceiling.lookAlikeSeenNear',
};

export function createCeilingWords(
  t: Translate,
  format: Format,
  amount: (n: number, unit: UnitKey) => string,
  text: (of: Text) => string,
): SayCeiling {
  /** A share as so many of so many, where it is one that people say; else in per cent. */
  const fraction = (key: string, share: number): string => {
    const said = fractionOf(Math.min(1, Math.max(0, share)));
    if (!said || Math.abs(said.take / said.of - share) > 0.005)
      return t(`${key}Percent`, { percent: format.percent(share) });
    return said.take === 1 ? t(`${key}One`, { of: said.of }) : t(key, { take: said.take, of: said.of });
  };

  return ({ kind, values: v }, unit) => {
    const num = (name: string): number => Number(v[name] ?? 0);
    const name = typeof v['name'] === 'object' && v['name'] !== null ? text(v['name']) : String(v['name'] ?? '');
    const until = typeof v['until'] === 'string' ? v['until'] : null;
    switch (kind) {
      case 'perPlantCap':
        return t('ceiling.perPlantCap', { n: amount(num('perPlant'), unit) });
      case 'fixedShare':
        return fraction('ceiling.fixedShare', num('share'));
      case 'plan':
        return sayPlan(v, t, format);
      case 'otherMethod':
        return t('ceiling.otherMethod', { how: sayMethod(v, t) });
      case 'lightPruning':
        return fraction('ceiling.lightPruning', num('share'));
      case 'leaveForOthers':
        return t('ceiling.leaveForOthers', { percent: format.percent(num('share')) });
      case 'keepFlowering':
        return t('ceiling.keepFlowering', { percent: format.percent(num('share')) });
      case 'spread':
        return t('ceiling.spread', { n: num('everyNth') });
      case 'restYears':
        return t('ceiling.restYears', { n: num('years') });
      case 'sapTaps':
        return t(v['secondCm'] === null ? 'ceiling.sapTaps' : 'ceiling.sapTapsTwo', {
          ...{ first: format.length(num('firstCm')), second: format.length(num('secondCm')) },
        });
      case 'quota':
      case 'permitShut':
        return sayPermit(kind, v, { t, format, amount: (n) => amount(n, v['measure'] === 'gram' ? 'gram' : unit) });
      case 'age':
        return sayAge(v, t);
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
        return t(SEEN_WHERE[v['where'] as string] ?? 'ceiling.lookAlikeSeen', { name });
      case 'lookAlikeUnsearched':
        return t(v['search'] === 'expired' ? 'ceiling.lookAlikeExpired' : 'ceiling.lookAlikeUnsearched', {
          name,
        });
      case 'notHeldAgainst':
        return t('ceiling.notHeldAgainst', { name });
      case 'leafByLeaf':
      case 'familyClosed':
        return t(`ceiling.${kind}`, { name, family: typeof v['family'] === 'string' ? v['family'] : '' });
      default:
        return t(`ceiling.${kind}`);
    }
  };
}

/** A plan of the bench that was chosen for a stand. */
function sayPlan(values: CeilingView['values'], t: Translate, format: Format): string {
  const [share, every] = [Number(values['share'] ?? 0), Number(values['everyYears'] ?? 1)];
  const key = share === 0 ? 'ceiling.planAlone' : every > 1 ? 'ceiling.planEvery' : 'ceiling.plan';
  const said = t(key, { n: format.number(100 * share, 1), every });
  return values['method'] ? t('ceiling.planBy', { plan: said, how: sayMethod(values, t) }) : said;
}

/** What a permit gives in all; or that none is in force: one begins yet, or the last has ended. */
function sayPermit(
  kind: 'quota' | 'permitShut',
  values: CeilingView['values'],
  { t, format, amount }: { readonly t: Translate; readonly format: Format; readonly amount: (n: number) => string },
): string {
  const textOf = (key: string): string => (typeof values[key] === 'string' ? values[key] : '');
  const [name, from, until] = [textOf('name'), textOf('from'), textOf('until')];
  const key = kind === 'quota' ? 'ceiling.quota' : from ? 'ceiling.permitBegins' : 'ceiling.permitEnded';
  const n = kind === 'quota' ? amount(Number(values['total'] ?? 0)) : '';
  const day = from || until;
  return t(name ? key : `${key}Unnamed`, { name, n, day: day ? format.dayAndYear(day) : '?' });
}

const sayMethod = ({ method }: CeilingView['values'], t: Translate): string =>
  typeof method === 'string' ? t(`take.method.${method}`) : '';

/** Of what age a plant has to be, and whether it is. */
function sayAge({ ageYears, minYears }: CeilingView['values'], t: Translate): string {
  const [age, n] = [Number(ageYears), Number(minYears)];
  if (ageYears == null) return t('ceiling.ageUnknown', { n });
  return age < n ? t('ceiling.ageYoung', { age, n }) : t('ceiling.age', { n });
}
