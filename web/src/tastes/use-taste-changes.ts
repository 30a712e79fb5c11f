import { v7 as newId } from 'uuid';
import { ref } from 'vue';
import { ROUTES, type SaveTaste, type TasteView } from '@emberfield/contract';
import { useKept } from '../form/use-kept.ts';
import { call } from '../platform/api.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

/** Notes what somebody ate of or does not bear, says later what came of it, and takes it off; each with the way back. */
export function useTasteChanges() {
  const { groupId } = useGroup();
  const params = (tasteId: string) => ({ groupId: groupId.value!, tasteId });
  const save = useChange(({ id, body }: { readonly id: string; readonly body: SaveTaste }) =>
    call(ROUTES.saveTaste, { params: params(id), body }),
  );
  const remove = useChange((id: string) => call(ROUTES.removeTaste, { params: params(id) }));
  const kept = useKept<SaveTaste>({ save, remove });
  const failure = ref('');
  async function tried(work: () => Promise<void>): Promise<boolean> {
    failure.value = '';
    try {
      await work();
      return true;
    } catch (error) {
      failure.value = (error as Error).message;
      return false;
    }
  }
  return {
    failure,
    isBusy: save.isPending,
    add: (terms: Omit<SaveTaste, 'revision'>, said: string) =>
      tried(() => kept.store({ id: newId(), body: { ...terms, revision: 0 }, before: undefined }, said)),
    change: ({ id, terms }: TasteView, over: Partial<SaveTaste>, said: string) =>
      tried(() => kept.store({ id, body: { ...terms, ...over }, before: terms }, said)),
    takeOff: (taste: TasteView, said: string) => tried(() => kept.takeOff(taste, said)),
  };
}
