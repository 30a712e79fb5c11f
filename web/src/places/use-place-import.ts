import { useQueryClient } from '@tanstack/vue-query';
import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import {
  ROUTES,
  type PlaceImportPreview,
  type PlaceReading,
  type StoredPlaces,
  type UndonePlaces,
} from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';

/** A file on its way in: read, matched, stored or left; each step can be stopped. */
export function usePlaceImport(): {
  readonly preview: Ref<PlaceImportPreview | null>;
  readonly busy: Ref<'reading' | 'storing' | null>;
  /** The share of the file that has gone to the server, 0 to 1; null before and after. */
  readonly sent: Ref<number | null>;
  readonly fileName: Ref<string>;
  readonly failure: Ref<string>;
  readonly stored: Ref<StoredPlaces | null>;
  readonly read: (file: File) => Promise<void>;
  readonly match: (reading: PlaceReading) => Promise<void>;
  readonly store: () => Promise<void>;
  /** Takes back what was stored last. */
  readonly takeBack: () => Promise<void>;
  readonly undone: Ref<UndonePlaces | null>;
  readonly drop: () => Promise<void>;
  readonly stop: () => void;
} {
  const words = useWords();
  const { groupId } = useGroup();
  const client = useQueryClient();
  const preview = ref<PlaceImportPreview | null>(null);
  const busy = ref<'reading' | 'storing' | null>(null);
  const sent = ref<number | null>(null);
  const fileName = ref('');
  const failure = ref('');
  const stored = ref<StoredPlaces | null>(null);
  const undone = ref<UndonePlaces | null>(null);
  let last = '';
  let control = new AbortController();
  const params = (importId: string) => ({ groupId: groupId.value!, importId });

  async function during(what: 'reading' | 'storing', work: (signal: AbortSignal) => Promise<void>): Promise<void> {
    control = new AbortController();
    busy.value = what;
    failure.value = '';
    try {
      await work(control.signal);
    } catch (error) {
      if (!control.signal.aborted) failure.value = (error as Error).message;
      else failure.value = words.value.t(what === 'storing' ? 'files.stoppedStoring' : 'files.stopped');
    } finally {
      busy.value = null;
      sent.value = null;
    }
  }
  const read = (file: File): Promise<void> =>
    during('reading', async (signal) => {
      fileName.value = file.name;
      stored.value = null;
      undone.value = null;
      preview.value = null;
      preview.value = await call(ROUTES.newPlaceImport, {
        params: params(newId()),
        query: { fileName: file.name },
        body: file,
        signal,
        onSent: (share) => (sent.value = share < 1 ? share : null),
      });
    });
  const match = (reading: PlaceReading): Promise<void> =>
    during('reading', async (signal) => {
      preview.value = await call(ROUTES.readPlaceImport, { params: params(preview.value!.id), body: reading, signal });
    });
  const store = (): Promise<void> =>
    during('storing', async (signal) => {
      const { id } = preview.value!;
      stored.value = await call(ROUTES.storePlaceImport, { params: params(id), signal });
      last = id;
      preview.value = null;
      await client.invalidateQueries({ queryKey: ['group'] });
    });
  const takeBack = (): Promise<void> =>
    during('storing', async (signal) => {
      undone.value = await call(ROUTES.undoPlaceImport, { params: params(last), signal });
      stored.value = null;
      await client.invalidateQueries({ queryKey: ['group'] });
    });
  const drop = (): Promise<void> =>
    during('reading', async () => {
      await call(ROUTES.dropPlaceImport, { params: params(preview.value!.id) });
      preview.value = null;
    });
  return {
    preview,
    busy,
    sent,
    fileName,
    failure,
    stored,
    undone,
    read,
    match,
    store,
    takeBack,
    drop,
    stop: () => control.abort(),
  };
}
