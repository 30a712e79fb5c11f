import { nextTick } from 'vue';
import { useRouter } from 'vue-router';
import { ROUTES, type PlantView, type SavePlant } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Saving a plant of one's own and taking it off the list; each can be undone at once. */
export function useSavePlant() {
  const words = useWords();
  const router = useRouter();
  const undo = useUndo();
  const { groupId } = useGroup();
  const paramsOf = (plantKey: string) => ({ groupId: groupId.value!, plantKey });
  const put = useChange((body: SavePlant) => call(ROUTES.savePlant, { params: paramsOf(body.profile.key), body }));
  const drop = useChange((key: string) => call(ROUTES.removePlant, { params: paramsOf(key) }));
  const show = (key: string) => router.push({ name: 'plant', params: { plantKey: key } });

  /** @param kept called once it is stored, while the view is still there to let its draft go */
  async function save(body: SavePlant, kept?: () => void): Promise<PlantView> {
    const saved = await put.mutateAsync(body);
    kept?.();
    await nextTick();
    await show(saved.profile.key);
    undo.say(
      words.value.t('plants.keptOwn'),
      body.baseRevision === 0
        ? async () => {
            await drop.mutateAsync(saved.profile.key);
            await router.push({ name: 'plants' });
          }
        : null,
    );
    return saved;
  }
  async function remove({ profile, copiedFrom }: PlantView): Promise<void> {
    const { revision } = await drop.mutateAsync(profile.key);
    await router.push({ name: 'plants' });
    undo.say(words.value.t('ownPlant.removed', { name: words.value.text(profile.names) }), async () => {
      await put.mutateAsync({ copiedFrom, baseRevision: revision, profile: profile, note: '' });
      await show(profile.key);
    });
  }
  return { save, remove };
}
