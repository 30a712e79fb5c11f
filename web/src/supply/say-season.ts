// A season's plan in words.
import type { WantView } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import { weekOf, type Further, type Lifted, type PlannedPortion, type WantMet } from '@emberfield/core/supply';
import type { Words } from '@emberfield/words';
import type { Laid, SourceAt } from './season-task.ts';

/** An amount in the measure of a want. */
export function sayWanted(view: WantView, amount: number, { t, format, ...words }: Words): string {
  const { measure, madeUnit } = view.terms;
  if (measure === 'made') return `${format.number(amount, amount < 10 ? 1 : 0)} ${madeUnit}`;
  if (measure === 'gram') return format.mass(amount);
  if (measure === 'dried') return t('season.amountDried', { amount: format.mass(amount) });
  return words.amount(amount, view.of[0]?.unit ?? 'leaf');
}

export const placeOf = ({ stand }: Pick<SourceAt, 'stand'>): string =>
  [stand.patchName, stand.where].filter(Boolean).join(', ');

const monday = ({ task }: Laid, week: number): string => isoDay(weekOf(task, week).first);
/** "week of 12 May", "weeks of 12 May to 2 June". */
function sayWeeks(laid: Laid, span: { readonly first: number; readonly last: number }, { t, format }: Words): string {
  const [first, last] = [span.first, span.last].map((w) => format.day(monday(laid, w)));
  return first === last ? t('season.week', { day: first! }) : t('season.weeks', { first: first!, last: last! });
}

/** About when something is taken, and how far a spring moves it. */
export function sayWhen(laid: Laid, { springs }: PlannedPortion, words: Words): string {
  const { t } = words;
  const [early, usual, late] = springs.map(
    (s) => s.length > 0 && sayWeeks(laid, { first: s[0]!.week, last: s.at(-1)!.week }, words),
  );
  if (!usual) return t('season.onlyOther');
  if (early === usual && late === usual) return t('season.when', { span: usual });
  return t('season.whenMoves', { span: usual, early: early || t('season.not'), late: late || t('season.not') });
}

/** Of this share of what is wanted a want may lack some, and is met all the same: what rounding leaves. */
const AS_GOOD_AS_MET = 0.005;
export const isMet = ({ expectedMissing, wanted }: WantMet): boolean => expectedMissing <= AS_GOOD_AS_MET * wanted;

/** What a limit that was lifted would free. */
export function sayHeld(laid: Laid, view: WantView, { limit, gain }: Lifted, words: Words): string {
  const { t } = words;
  const more = sayWanted(view, gain, words);
  if (limit.kind === 'time') return t('season.held.time', { gain: more });
  if (limit.kind === 'shared') {
    const name = laid.sharedNames.get(limit.name);
    return name ? t('season.held.shared', { name, gain: more }) : t('season.held.sharedUnnamed', { gain: more });
  }
  const at = laid.sources[limit.source]!;
  const why = words.heldBy(at.outlook.allowance);
  return t(`season.held.${limit.kind}`, { place: placeOf(at), why, gain: more });
}

/** What went by untaken, and where it is to come from instead. */
export function sayPlanB(
  missed: Laid['missed'],
  instead: readonly SourceAt[],
  { t, format, amount }: Words,
  today: string,
): string {
  const gone = missed.map(({ at, closed, left }) =>
    t('season.missedAt', {
      ...{ place: placeOf(at), day: format.day(closed, today), left: amount(left, at.outlook.allowance.unit) },
    }),
  );
  const places = [...new Set(instead.map(placeOf))];
  const other = places.length ? t('season.planB', { places: format.list(places) }) : t('season.noPlanB');
  return `${t('season.missed', { places: format.list(gone) })} ${other}`;
}

/** What one more stand would do. */
export function sayFurther(view: WantView, { plants, missing }: Further, words: Words): string {
  const { t } = words;
  const many = t('plantCount', { n: plants });
  return missing <= AS_GOOD_AS_MET * view.terms.amount
    ? t('season.further', { plants: many })
    : t('season.furtherLess', { plants: many, amount: sayWanted(view, missing, words) });
}
