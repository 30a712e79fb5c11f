import { ROUTES, type SavePermit } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** Saves and removes permits. */
export function usePermitChanges() {
  const { groupId } = useGroup();
  const params = (permitId: string) => ({ groupId: groupId.value!, permitId });
  return {
    save: useChange(({ id, body }: { readonly id: string; readonly body: SavePermit }) =>
      call(ROUTES.savePermit, { params: params(id), body }),
    ),
    remove: useChange((id: string) => call(ROUTES.removePermit, { params: params(id) })),
  };
}
