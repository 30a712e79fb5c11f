import { insertPermit } from '@emberfield/server';
import { seededId } from './ids.ts';
import { accountOf, type Making } from './making.ts';

/** What the parish gave for this year, and what the three agreed on themselves: takes of years before were judged without either. */
export async function loadPermits({ db, groupId, madeAt, today }: Making): Promise<void> {
  const year = today.slice(0, 4);
  const common = { groupId, madeBy: accountOf('tavi'), madeAt, patchIds: [] };
  await insertPermit(db, {
    ...common,
    id: seededId(18266, 'permit', 'sloes'),
    kind: 'permit',
    name: `Hedges of the parish, ${year}`,
    plantKey: 'sloe',
    part: 'fruit',
    measure: 'gram',
    amount: 3000,
    from: `${year}-01-01`,
    until: `${year}-12-31`,
    note: 'From the parish office, renewed each January; bring it along.',
  });
  await insertPermit(db, {
    ...common,
    id: seededId(18266, 'permit', 'leaves'),
    kind: 'own',
    name: 'Leaves for the market stall',
    plantKey: 'ramsons',
    part: 'leaf',
    measure: 'unit',
    amount: 2000,
    from: `${year}-03-01`,
    until: `${year}-05-10`,
    note: '',
  });
}
