import { ROUTES, type SaveWant } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** Saves and removes what is wanted. */
export function useWantChanges() {
  const { groupId } = useGroup();
  const params = (wantId: string) => ({ groupId: groupId.value!, wantId });
  return {
    save: useChange(({ id, body }: { readonly id: string; readonly body: SaveWant }) =>
      call(ROUTES.saveWant, { params: params(id), body }),
    ),
    remove: useChange((id: string) => call(ROUTES.removeWant, { params: params(id) })),
  };
}
