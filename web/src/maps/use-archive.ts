import { onMounted, ref, shallowRef, type Ref } from 'vue';
import { useWords } from '../session/words.ts';
import { dropArchive, isArchive, keepArchive, keptArchive } from './kept-archive.ts';

/** The map archive of this device, if there is one, and how another comes in its place. */
export function useArchive(): {
  readonly archive: Readonly<Ref<Blob | null>>;
  readonly problem: Ref<string>;
  readonly choose: (file: File) => Promise<void>;
  readonly drop: () => Promise<void>;
} {
  const words = useWords();
  const archive = shallowRef<Blob | null>(null);
  const problem = ref('');
  const trying = async (work: () => Promise<void>): Promise<void> => {
    problem.value = '';
    try {
      await work();
    } catch (error) {
      problem.value = (error as Error).message;
    }
  };
  onMounted(() => trying(async () => void (archive.value = (await keptArchive())?.file ?? null)));
  const choose = (file: File): Promise<void> =>
    trying(async () => {
      if (!(await isArchive(file))) {
        problem.value = words.value.t('ground.notAnArchive');
        return;
      }
      await keepArchive(file.name, file);
      archive.value = file;
    });
  const drop = (): Promise<void> =>
    trying(async () => {
      await dropArchive();
      archive.value = null;
    });
  return { archive, problem, choose, drop };
}
