<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
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
import { bySeason, photoBeside } from './photo-seasons.ts';
import { shrunk } from './shrunk.ts';

/** Photos of a place, or of one stand of it: small in a row for each year, large when pressed. */
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
    const sent = await outbox.send([{ route: 'addPhoto', params: { photoId }, query, body: await shrunk(file) }], {
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
const seasons = computed(() => bySeason(photos.data.value ?? []));
const beside = (by: 1 | -1): PhotoView | null =>
  large.value && photoBeside(photos.data.value ?? [], large.value.id, by);
const step = (by: 1 | -1): void => void (large.value = beside(by) ?? large.value);
function forgetLarge(): void {
  if (!large.value) return;
  forget.mutate(large.value.id);
  large.value = null;
}
/** Room is kept for a picture before it is there: nothing jumps under a finger, and it can be pressed at once. */
const STRIP_PX = 92;
const widthOf = (p: PhotoView): number => Math.round((STRIP_PX * p.widthPx) / p.heightPx);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('photo.title') }}</h2>
    <p v-if="photos.data.value && !photos.data.value.length" class="soft">{{ words.t('photo.none') }}</p>
    <div v-for="season in seasons" :key="season.year" class="strip" role="group" :aria-label="season.year">
      <b class="year">{{ season.year }}</b>
      <button
        v-for="p in season.photos"
        :key="p.id"
        type="button"
        class="photo"
        :aria-pressed="large?.id === p.id"
        @click="large = large?.id === p.id ? null : p">
        <img :src="source(p, 'small')" :alt="alt(p)" :width="widthOf(p)" :height="STRIP_PX" loading="lazy" />
        <small class="soft" aria-hidden="true">{{ words.format.shortDay(p.day) }}</small>
      </button>
    </div>
    <figure v-if="large" @keydown.left="step(-1)" @keydown.right="step(1)">
      <img :src="source(large, 'large')" :alt="alt(large)" />
      <figcaption class="small soft">
        <Button :disabled="!beside(-1)" @click="step(-1)">{{ words.t('photo.earlier') }}</Button>
        <Button :disabled="!beside(1)" @click="step(1)">{{ words.t('photo.later') }}</Button>
        {{ alt(large) }}
        <Popconfirm
          v-if="large.mine || isKeeper"
          :title="words.t('photo.forgetAsk')"
          :ok-text="words.t('photo.forget')"
          :cancel-text="words.t('common.cancel')"
          @confirm="forgetLarge">
          <Button type="link">{{ words.t('photo.forget') }}</Button>
        </Popconfirm>
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
.year {
  flex: none;
  width: 44px;
  align-self: center;
}
.photo {
  flex: none;
  border: 1px solid var(--hair);
  background: none;
  color: inherit;
  font: 13px/1.4 var(--sans);
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
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 6px;
}
</style>
