import type { DayRangeView, YearMark, YearRow, YearWindow } from '@emberfield/contract';
import { sayUse, type Words } from '@emberfield/words';
import type { PartLine } from './year-lines.ts';

export function sayMark(mark: YearMark, { t, text, amount, format }: Words): string {
  const day = format.day(mark.day);
  return mark.kind === 'taken'
    ? t('year.taken', { amount: amount(mark.amount, mark.unit), day })
    : t(`year.${mark.kind}`, { stage: text(mark.stageName), day });
}

/** "3 May to 24 May", or that there is none. */
function sayWindow({ opens, closes }: YearWindow, { t, format }: Words): string {
  return t('year.window', { from: format.day(opens.p50!), to: closes.p50 ? format.day(closes.p50) : '…' });
}

export const sayWindows = ({ windows }: YearRow, words: Words): string =>
  windows.length ? windows.map((w) => sayWindow(w, words)).join(', ') : words.t('year.noWindow');

/** "24 May (20 May–29 May)" */
export function sayRange({ p10, p50, p90 }: DayRangeView, { t, format }: Words): string {
  if (p50 === null) return '';
  if (p10 === null || p90 === null || p10 === p90) return format.shortDay(p50);
  return t('year.range', { likely: format.shortDay(p50), early: format.shortDay(p10), late: format.shortDay(p90) });
}

/** "Elder · flower heads", with the use where the part has several. */
export function nameOf({ stand, row, namesUse }: PartLine, { t, text }: Words): string {
  return [text(stand.plantName), text(row.partName), ...(namesUse ? [sayUse(t, row.use)] : [])].join(' · ');
}
