<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { v5 as keyOf } from 'uuid';
import { ROUTES, type PhotoView } from '@emberfield/contract';
import { useOutbox } from '../offline/use-outbox.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import FileButton from '../kit/FileButton.vue';

/** Photos of a place, or of one stand of it: small in a row, large when pressed. */
const props = defineProps<{ patchId: string; standId: string | null }>();
const words = useWords();
const undo = useUndo();
const outbox = useOutbox();
const { groupId, isKeeper, mayPick } = useGroup();
const { today } = useDay();
const of = computed(() => ({ patch: props.patchId, stand: props.standId ?? undefined }));
const photos = useQuery({
  queryKey: computed(() => ['group', groupId.value, 'photos', props.patchId, props.standId]),
  queryFn: () => call(ROUTES.photos, { params: { groupId: groupId.value! }, query: of.value }),
  enabled: computed(() => groupId.value !== null),
});
const source = (p: PhotoView, size: string): string => `/api/groups/${groupId.value}/photos/${p.id}?size=${size}`;
const alt = (p: PhotoView): string =>
  words.value.t('photo.alt', { day: words.value.format.dayAndYear(p.day), by: p.by });
const large = ref<PhotoView | null>(null);
const client = useQueryClient();
const askAnew = (): Promise<void> => client.invalidateQueries({ queryKey: ['group', groupId.value, 'photos'] });
const add = useMutation({
  mutationFn: async (file: File) => {
    // The key is made of the picture: chosen again after an answer that was lost, it is the same photo and not another.
    const photoId = keyOf(new Uint8Array(await file.arrayBuffer()), props.standId ?? props.patchId);
    const query = { ...of.value, day: today.value };
    const sent = await outbox.send([{ route: 'addPhoto', params: { photoId }, query, body: file }], {
      id: photoId,
      label: words.value.t('outbox.photo', { day: words.value.format.day(today.value) }),
    });
    if (sent.kind === 'refused') throw new Error(sent.message);
    return sent.kind;
  },
  onSuccess: (done) => undo.say(words.value.t(done === 'waiting' ? 'outbox.keptWord' : 'photo.kept')),
});
const forget = useMutation({
  mutationFn: (photoId: string) => call(ROUTES.forgetPhoto, { params: { groupId: groupId.value!, photoId } }),
  onSuccess: askAnew,
});
/** Room is kept for a picture before it is there: nothing jumps under a finger, and it can be pressed at once. */
const STRIP_PX = 92;
const widthOf = (p: PhotoView): number => Math.round((STRIP_PX * p.widthPx) / p.heightPx);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('photo.title') }}</h2>
    <div class="strip">
      <button
        v-for="p in photos.data.value ?? []"
        :key="p.id"
        type="button"
        class="photo"
        :aria-pressed="large?.id === p.id"
        @click="large = large?.id === p.id ? null : p">
        <img :src="source(p, 'small')" :alt="alt(p)" :width="widthOf(p)" :height="STRIP_PX" loading="lazy" />
      </button>
      <p v-if="photos.data.value && !photos.data.value.length" class="soft">{{ words.t('photo.none') }}</p>
    </div>
    <figure v-if="large">
      <img :src="source(large, 'large')" :alt="alt(large)" />
      <figcaption class="small soft">
        {{ alt(large) }}
        <Button
          v-if="large.mine || isKeeper"
          type="link"
          @click="
            forget.mutate(large.id);
            large = null;
          ">
          {{ words.t('photo.forget') }}
        </Button>
      </figcaption>
    </figure>
    <FileButton
      v-if="mayPick"
      class="no-print"
      accept="image/jpeg,image/png,image/webp"
      :disabled="add.isPending.value"
      @file="(file) => add.mutate(file)"
      >{{ words.t(add.isPending.value ? 'photo.sending' : 'photo.add') }}</FileButton
    >
    <p v-if="add.error.value ?? forget.error.value" class="warn" role="alert">
      {{ (add.error.value ?? forget.error.value)?.message }}
    </p>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  overflow-x: auto;
  padding: 4px 0 8px;
}
.photo {
  flex: none;
  border: 1px solid var(--hair);
  background: none;
  padding: 0;
  cursor: pointer;
}
.photo img {
  display: block;
  height: 92px;
}
.photo[aria-pressed='true'] {
  border-color: var(--char);
}
figure {
  margin: 0 0 8px;
}
figure img {
  max-width: 100%;
}
</style>
