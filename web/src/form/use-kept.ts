import { useUndo } from '../platform/use-undo.ts';
import type { Form } from './use-form.ts';

interface Changes<B> {
  readonly save: { readonly mutateAsync: (change: { readonly id: string; readonly body: B }) => Promise<unknown> };
  readonly remove: { readonly mutateAsync: (id: string) => Promise<unknown> };
}

/** Rows that people edit as they were read: kept, and taken off, each with the way back. Every edit counts, the one that takes off as well. */
export function useKept<B extends { readonly revision: number }>({ save, remove }: Changes<B>) {
  const undo = useUndo();
  const putBack = (id: string, before: B) => async (): Promise<void> =>
    void (await save.mutateAsync({ id, body: { ...before, revision: before.revision + 1 } }));
  async function store(
    { id, body, before }: { readonly id: string; readonly body: B; readonly before: B | undefined },
    said: string,
  ): Promise<void> {
    await save.mutateAsync({ id, body });
    undo.say(said, before ? putBack(id, before) : async () => void (await remove.mutateAsync(id)));
  }
  return {
    /**
     * @param before the row as it was read; left out: it is new
     * @returns what was kept; `undefined` where the form does not fit, or it could not be
     */
    async keep(
      form: Pick<Form<B>, 'send'>,
      { id, before }: { readonly id: string; readonly before: B | undefined },
      say: (kept: B) => string,
    ): Promise<B | undefined> {
      return form.send(async (body) => {
        await store({ id, body, before }, say(body));
        return body;
      });
    },
    store,
    async takeOff({ id, terms }: { readonly id: string; readonly terms: B }, said: string): Promise<void> {
      await remove.mutateAsync(id);
      undo.say(said, putBack(id, terms));
    },
  };
}
