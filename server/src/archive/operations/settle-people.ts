// Whoever is named in an archive: known here already, or let in anew without a password.
import { array, object, string } from 'yup';
import { faultsOf, isUuid } from '@emberfield/contract';
import { hashPassword } from '../../people/index.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { newToken } from '../../platform/tokens.ts';
import { insertPeople, peopleOf, signInNamesTaken } from '../repository.ts';
import type { Person } from './format.ts';

export interface Settled {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  /** Another than in the archive: somebody else has that one here. */
  readonly renamed: boolean;
  readonly isNew: boolean;
}

const LONGEST_SIGN_IN_NAME = 40;
const isInstant = (value: string): boolean => Number.isFinite(Date.parse(value));
const personSchema = object({
  id: string().required('missing').test('id', 'notAnId', isUuid),
  name: string().max(60, 'tooLong').defined('missing'),
  signInName: string().max(LONGEST_SIGN_IN_NAME, 'tooLong').required('missing'),
  removedAt: string()
    .nullable()
    .defined('missing')
    .test('instant', 'notAnInstant', (value) => value === null || isInstant(value)),
  madeAt: string().required('missing').test('instant', 'notAnInstant', isInstant),
});
const peopleSchema = array(personSchema.noUnknown('unknownField')).required('missing');

/** @throws Error where it is no list of people */
export function peopleIn(input: unknown): readonly Person[] {
  const [fault] = faultsOf(peopleSchema, input, 'first');
  if (fault) throw new Error(`its list of people cannot be read (${fault.path}: ${fault.reason})`);
  return input as readonly Person[];
}

export async function settle(tx: Transaction, people: readonly Person[]): Promise<readonly Settled[]> {
  const here = new Map(
    (
      await peopleOf(
        tx,
        people.map((p) => p.id),
      )
    ).map((a) => [a.id, a]),
  );
  const fresh = people.filter((p) => !here.has(p.id));
  const names = new Map(await namesFor(tx, fresh));
  // A password that nobody has: they come in by a link only.
  const passwordHash = fresh.length > 0 ? await hashPassword(newToken()) : '';
  if (fresh.length > 0)
    await insertPeople(
      tx,
      fresh.map(({ id, name, removedAt, madeAt }) => ({
        ...{ id, name, signInName: names.get(id)!, passwordHash },
        removedAt: removedAt === null ? null : new Date(removedAt),
        madeAt: new Date(madeAt),
      })),
    );
  return people.map(({ id, name, signInName }) => {
    const known = here.get(id);
    const called = known?.signInName ?? names.get(id)!;
    return { id, name: known?.name ?? name, signInName: called, renamed: called !== signInName, isNew: !known };
  });
}

async function namesFor(tx: Transaction, people: readonly Person[]): Promise<readonly (readonly [string, string])[]> {
  const found: (readonly [string, string])[] = [];
  const given = new Set<string>();
  for (const { id, signInName } of people)
    for (let n = 1; ; n++) {
      const end = n === 1 ? '' : `-${n}`;
      const name = `${signInName.slice(0, LONGEST_SIGN_IN_NAME - end.length)}${end}`;
      if (given.has(name.toLowerCase()) || (await signInNamesTaken(tx, [name])).size > 0) continue;
      given.add(name.toLowerCase());
      found.push([id, name]);
      break;
    }
  return found;
}
