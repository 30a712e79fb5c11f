import MiniSearch, { type SearchOptions } from 'minisearch';
import { LANGUAGES, type FoundThing } from '@emberfield/contract';
import { plainLetters } from '@emberfield/words';
import { laterCacheOf } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { patchesOf, visibleTo } from '../../patches/index.ts';
import { membersOf } from '../../people/index.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { dossiersOf, groupState } from '../../stands/index.ts';

const MOST_FOUND = 12;
const FEW_STANDS = 3;
/** Of its letters; two that changed places are two. */
const MAY_BE_WRONG = 0.3;
const LEAST_FORGIVEN_LETTERS = 4;
const LEAST_WITHIN_LETTERS = 3;
/** What is called exactly so comes before all that is called something with it. */
const CALLED_SO = 20;
/** So many are taken in at a time; others are answered between. */
const TAKEN_IN_AT_ONCE = 200;

type NotAStand = Exclude<FoundThing['kind'], 'stand'>;
interface Named {
  /** "plant nettle": what it is, and its key. */
  readonly id: string;
  /** All that it is called, in every language, in plain letters. */
  readonly names: readonly string[];
  readonly called: string;
  /** What else it is found by. */
  readonly more: string;
  readonly found: FoundThing & { readonly kind: NotAStand };
}
interface Index {
  readonly search: MiniSearch<Named>;
  readonly named: ReadonlyMap<string, Named>;
  /** Found by their plant and their place: of thousands none has words of its own. */
  readonly stands: readonly { readonly of: readonly string[]; readonly found: FoundThing }[];
}
/** All names of a group as one viewer may know them: asked for at every key that is pressed. */
const INDEX = laterCacheOf<Index>(10);

/** Finds plants, people, places and stands by pieces of what they are called, and forgives a slip of the finger where nothing else is found. */
export async function find(deps: Dependencies, { group, query }: GroupContext<null>): Promise<readonly FoundThing[]> {
  const text = (query['text'] ?? '').trim();
  if (text.length === 0) return [];
  const people = await membersOf(deps.db, group.id);
  const key = JSON.stringify([await groupState(deps, group), people.map((p) => [p.accountId, p.name])]);
  const index = await deps.answers.of(INDEX).get(key, () => indexOf(deps, group, people));
  const exactly = foundIn(index, text, {});
  if (exactly.length > 0) return exactly;
  return foundIn(index, text, {
    fields: ['called', 'more'],
    fuzzy: (term) => (term.length >= LEAST_FORGIVEN_LETTERS ? MAY_BE_WRONG : false),
  });
}

function foundIn({ search, named, stands }: Index, text: string, how: SearchOptions): readonly FoundThing[] {
  const asked = plainLetters(text);
  const options: SearchOptions = {
    prefix: true,
    combineWith: 'AND',
    boost: { called: 3 },
    boostDocument: (id: string) => (named.get(id)!.names.includes(asked) ? CALLED_SO : 1),
    processTerm: plainLetters,
    ...how,
  };
  const things = search.search(text, options).map((r) => named.get(String(r.id))!.found);
  // A stand is meant where each word is of its plant or of its place.
  const words = text.split(/\s+/).map((word) => new Set(search.search(word, options).map((r) => String(r.id))));
  const there = stands.filter(({ of }) => words.every((meant) => of.some((id) => meant.has(id))));
  const known = there.map((s) => s.found);
  // One's own few stands are what is meant; many would hide all else.
  return (known.length <= FEW_STANDS ? [...known, ...things] : [...things, ...known]).slice(0, MOST_FOUND);
}

/** A word and its endings, so that what begins within it is found: "lauch" in "Bärlauch". */
function endings(term: string): string[] {
  const word = plainLetters(term);
  return Array.from({ length: Math.max(1, word.length - LEAST_WITHIN_LETTERS + 1) }, (_, i) => word.slice(i));
}

const plantId = (key: string): string => `plant ${key}`;
const patchId = (id: string): string => `patch ${id}`;

async function indexOf(
  deps: Dependencies,
  group: InGroup,
  people: Awaited<ReturnType<typeof membersOf>>,
): Promise<Index> {
  const [{ stands, plants }, rows] = await Promise.all([dossiersOf(deps, group), patchesOf(deps.db, group.id)]);
  const families = LANGUAGES.map((language) => deps.words(language).family);
  const by = (id: string, names: readonly string[], found: Named['found'], more = ''): Named => ({
    id,
    names: names.map(plainLetters),
    called: names.join(' '),
    more,
    found,
  });
  const all: readonly Named[] = [
    ...[...plants.values()].map(({ profile: { key, names, scientific, family } }) =>
      by(
        plantId(key),
        [...Object.values(names), scientific],
        { kind: 'plant', id: key, label: names, detail: scientific },
        families.map((say) => say(family)).join(' '),
      ),
    ),
    ...people.map(({ accountId, name }) =>
      by(`person ${accountId}`, [name], { kind: 'person', id: accountId, label: { en: name }, detail: '' }),
    ),
    ...rows
      .map((row) => visibleTo(group.viewer, row, deps.words))
      .filter(({ blurred }) => !blurred)
      .map(({ id, name }) => by(patchId(id), [name], { kind: 'patch', id, label: { en: name }, detail: '' })),
  ];
  const search = new MiniSearch<Named>({
    fields: ['called', 'within', 'more'],
    extractField: (thing, field) => (field === 'within' ? thing.called : thing[field as 'id' | 'called' | 'more']),
    processTerm: (term, field) => (field === 'within' ? endings(term) : plainLetters(term)),
  });
  await search.addAllAsync(all, { chunkSize: TAKEN_IN_AT_ONCE });
  return {
    search,
    named: new Map(all.map((thing) => [thing.id, thing])),
    stands: stands.map(({ stand, patch, plant: { profile } }) => ({
      of: [plantId(profile.key), patchId(stand.patchId)],
      found: { kind: 'stand', id: stand.id, label: profile.names, detail: patch.name },
    })),
  };
}
