import type { SaveWant } from '@emberfield/contract';
import { insertWant } from '@emberfield/server';
import { seededId } from './ids.ts';
import { accountOf, type Making } from './making.ts';

type Wanted = Omit<SaveWant, 'revision' | 'place' | 'madeUnit'> & { readonly madeUnit?: string };

/**
 * What the four want of the year: something for each week, something made of flower heads, something that dries, and more sloes than the permit gives.
 * @param year four digits
 */
const wantsOf = (year: string): readonly Wanted[] => [
  {
    name: 'Greens for the pot',
    of: [{ plantKey: 'nettle', part: 'tip', gives: null }],
    ...{ measure: 'unit', amount: 40, weekly: true, from: `${year}-05-01`, until: `${year}-06-14` },
  },
  {
    name: 'Blossom syrup',
    of: [{ plantKey: 'elder', part: 'flower', gives: 0.1 }],
    ...{ measure: 'made', madeUnit: 'litres', amount: 3, weekly: false, from: `${year}-05-01`, until: `${year}-08-31` },
  },
  {
    name: 'Winter tea',
    of: [
      { plantKey: 'lime', part: 'flower', gives: null },
      { plantKey: 'elder', part: 'flower', gives: null },
    ],
    ...{ measure: 'dried', amount: 250, weekly: false, from: `${year}-05-01`, until: `${year}-08-31` },
  },
  {
    name: 'Sloes for the stall',
    of: [{ plantKey: 'sloe', part: 'fruit', gives: null }],
    ...{ measure: 'gram', amount: 6000, weekly: false, from: `${year}-09-01`, until: `${year}-12-15` },
  },
];

export async function loadWants({ db, groupId, madeAt, today }: Making): Promise<void> {
  for (const [place, want] of wantsOf(today.slice(0, 4)).entries())
    await insertWant(db, {
      ...{ madeUnit: '', ...want, place, groupId, madeAt },
      id: seededId(18266, 'want', want.name),
      madeBy: accountOf('tavi'),
    });
}
