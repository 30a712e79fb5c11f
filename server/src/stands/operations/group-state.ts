// What the answers of a group hang on, as short texts: while they stay the same, so do the answers.
import { WRITTEN } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import type { JsonAnswer } from '../../platform/http/json-answer.ts';
import { groupMarks, standMarks } from '../repository.ts';
import type { KnownGroup } from './group-commons.ts';
import { heldKnowledge } from './group-knowledge.ts';

type Asking = Pick<Dependencies, 'db' | 'answers'>;

/** Keepers see the same; of all others each may see something else of secret places, and reads what they are called instead. */
const viewerKey = ({ viewer: { role, accountId, language } }: KnownGroup): string =>
  role === 'keeper' ? role : `${role}:${accountId}:${language}`;

const common = ({ answers }: Asking, group: KnownGroup): readonly string[] => [
  group.id,
  `${group.revision}`,
  group.today,
  `${heldKnowledge({ answers }, group.id)?.version ?? '-'}`,
];

/** What all answers of a group hang on, for whoever asks: one quick query. */
export const groupState = async (deps: Asking, group: KnownGroup): Promise<string> =>
  [...common(deps, group), viewerKey(group), ...(await groupMarks(deps.db, group.id))].join(':');

/** Makes an endpoint of a group that answers from what is kept, as long as nothing in the group changes. */
export const keptOfGroup =
  <A>(
    deps: Dependencies,
    name: string,
    make: (context: GroupContext<null>) => Promise<A>,
    keep?: (answer: A) => boolean,
  ) =>
  async (context: GroupContext<null>): Promise<JsonAnswer> =>
    deps.answers
      .of(WRITTEN)
      .get(
        [name, await groupState(deps, context.group), JSON.stringify([context.params, context.query])].join(':'),
        () => make(context),
        keep,
      );

/** The same of one stand, for one person; what a group knew on a day that is past is not kept. */
export const keptOfStand =
  <A>(deps: Dependencies, name: string, make: (context: GroupContext<null>) => Promise<A>) =>
  async (context: GroupContext<null>): Promise<A | JsonAnswer> => {
    const { group, account, params, query } = context;
    const marks = query['known'] === undefined ? await standMarks(deps.db, group.id, params['standId']!) : null;
    if (!marks) return make(context);
    const key = [name, ...common(deps, group), group.viewer.role, account.accountId, params['standId']!, ...marks];
    return deps.answers.of(WRITTEN).get([...key, JSON.stringify(query)].join(':'), () => make(context));
  };
