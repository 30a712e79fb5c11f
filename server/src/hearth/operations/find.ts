import MiniSearch from 'minisearch';
import { LANGUAGES, type FoundThing } from '@emberfield/contract';
import { plainLetters } from '@emberfield/words';
import { laterCacheOf } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { patchesOf, visibleTo } from '../../patches/index.ts';
import { membersOf } from '../../people/index.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { dossiersOf, groupState } from '../../stands/index.ts';

const MOST_FOUND = 12;
/** Of its letters; two that changed places are two. */
const MAY_BE_WRONG = 0.3;
const LEAST_FORGIVEN_LETTERS = 4;
const LEAST_WITHIN_LETTERS = 3;
/** What is called exactly so comes before all that is called something with it. */
const CALLED_SO = 20;
/** So many are taken in at a time; others are answered between. */
const TAKEN_IN_AT_ONCE = 200;
/** A plant has many stands: it comes before them, and so do places and people. */
const WEIGHTS: Readonly<Record<FoundThing['kind'], number>> = { plant: 3, person: 3, patch: 2, stand: 1 };

interface Findable {
  readonly id: number;
  /** All that it is called, in every language, in plain letters. */
  readonly names: readonly string[];
  readonly called: string;
  /** What else it is found by. */
  readonly more: string;
  readonly found: FoundThing;
}
interface Index {
  readonly search: MiniSearch<Findable>;
  readonly all: readonly Findable[];
}
/** All names of a group as one viewer may know them: asked for at every key that is pressed. */
const INDEX = laterCacheOf<Index>(50);

/** Finds stands, patches, plants and people by pieces of what they are called, and forgives a slip of the finger where nothing else is found. */
export async function find(deps: Dependencies, { group, query }: GroupContext<null>): Promise<readonly FoundThing[]> {
  const text = (query['text'] ?? '').trim();
  if (text.length === 0) return [];
  const people = await membersOf(deps.db, group.id);
  const key = JSON.stringify([await groupState(deps, group), people.map((p) => [p.accountId, p.name])]);
  const { search, all } = await deps.answers.of(INDEX).get(key, () => indexOf(deps, group, people));
  const asked = plainLetters(text);
  const options = {
    prefix: true,
    combineWith: 'AND',
    boost: { called: 3 },
    boostDocument: (id: unknown) => {
      const { names, found } = all[id as number]!;
      return WEIGHTS[found.kind] * (names.includes(asked) ? CALLED_SO : 1);
    },
    processTerm: plainLetters,
  } as const;
  const exactly = search.search(text, options);
  const results =
    exactly.length > 0
      ? exactly
      : search.search(text, {
          ...options,
          fields: ['called', 'more'],
          fuzzy: (term) => (term.length >= LEAST_FORGIVEN_LETTERS ? MAY_BE_WRONG : false),
        });
  return results.slice(0, MOST_FOUND).map((r) => all[r.id as number]!.found);
}

/** A word and its endings, so that what begins within it is found: "lauch" in "Bärlauch". */
function endings(term: string): string[] {
  const word = plainLetters(term);
  return Array.from({ length: Math.max(1, word.length - LEAST_WITHIN_LETTERS + 1) }, (_, i) => word.slice(i));
}

async function indexOf(
  deps: Dependencies,
  group: InGroup,
  people: Awaited<ReturnType<typeof membersOf>>,
): Promise<Index> {
  const [{ stands, plants }, rows] = await Promise.all([dossiersOf(deps, group), patchesOf(deps.db, group.id)]);
  const families = LANGUAGES.map((language) => deps.words(language).family);
  const things: readonly (readonly [names: readonly string[], found: FoundThing, more?: string])[] = [
    ...[...plants.values()].map(
      ({ profile: { key, names, scientific, family } }) =>
        [
          [...Object.values(names), scientific],
          { kind: 'plant', id: key, label: names, detail: scientific },
          families.map((say) => say(family)).join(' '),
        ] as const,
    ),
    ...people.map(
      ({ accountId, name }) => [[name], { kind: 'person', id: accountId, label: { en: name }, detail: '' }] as const,
    ),
    ...rows
      .map((row) => visibleTo(group.viewer, row, deps.words))
      .filter(({ blurred }) => !blurred)
      .map(({ id, name }) => [[name], { kind: 'patch', id, label: { en: name }, detail: '' }] as const),
    ...stands.map(
      ({ stand, patch, plant: { profile } }) =>
        [
          [...Object.values(profile.names), patch.name, profile.scientific],
          { kind: 'stand', id: stand.id, label: profile.names, detail: patch.name },
        ] as const,
    ),
  ];
  const all = things.map(([names, found, more = ''], id) => ({
    id,
    names: names.map(plainLetters),
    called: names.join(' '),
    more,
    found,
  }));
  const search = new MiniSearch<Findable>({
    fields: ['called', 'within', 'more'],
    extractField: (thing, field) => (field === 'within' ? thing.called : thing[field as 'id' | 'called' | 'more']),
    processTerm: (term, field) => (field === 'within' ? endings(term) : plainLetters(term)),
  });
  await search.addAllAsync(all, { chunkSize: TAKEN_IN_AT_ONCE });
  return { search, all };
}
