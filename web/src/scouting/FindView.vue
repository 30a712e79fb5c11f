<script setup lang="ts">
import { Button, Input, Textarea } from 'ant-design-vue';
import FileButton from '../kit/FileButton.vue';
import GoButton from '../kit/GoButton.vue';
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { v7 as newId } from 'uuid';
import { FIND_CONDITIONS, signOf, type FindBody, type PatchFacts } from '@emberfield/contract';
import { EYE_CLASSES } from '@emberfield/core/counting';
import ChoiceChips from '../kit/ChoiceChips.vue';
import FieldScreen from '../kit/FieldScreen.vue';
import StateNote from '../kit/StateNote.vue';
import { typedPoint } from '../patches/new-patch.ts';
import { useHereNow } from './use-here-now.ts';
import { useGroup } from '../session/use-group.ts';
import { usePlants } from '../plants/queries.ts';
import { useWords } from '../session/words.ts';
import { shareChoices } from '../entries/share-choices.ts';
import { toggled } from '../kit/toggled.ts';
import { canKeep, stateOf, withState } from './find-draft.ts';
import FindBeside from './FindBeside.vue';
import FindGround from './FindGround.vue';
import FindPlants from './FindPlants.vue';
import { shrunk } from '../photos/shrunk.ts';
import { keepPhoto } from './kept-photos.ts';
import { useFinds } from './use-finds.ts';

/** One find: one screen of taps, each kept at once. */
const LOSSES = [0.1, 0.3, 0.5, 0.9];
const SPECIMENS = ['stalk', 'seed', 'leaf', 'cap', 'bark'] as const;
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId } = useGroup();
const plants = usePlants(groupId);
const { finds, change, send, standing, problemOf } = useFinds();
const find = computed(() => finds.value.find((f) => f.id === route.params['findId']));
const body = computed(() => find.value!.body);
const facts = computed(() => find.value!.facts);
const say = (over: Partial<FindBody>): void => change(find.value!.id, { body: { ...body.value, ...over } });
const sayPlace = (over: Partial<PatchFacts>): void => change(find.value!.id, { facts: { ...facts.value, ...over } });
const { problem, locating, accuracyM, locate } = useHereNow((here) => change(find.value!.id, here));
const typed = ref('');
onMounted(() => {
  if (find.value && find.value.geometry === null) locate();
});
watch(typed, (text) => {
  const geometry = typedPoint(text, '');
  if (geometry && find.value) change(find.value.id, { geometry });
});
const where = computed(() => {
  const g = find.value?.geometry;
  return g?.type === 'Point' ? `${g.coordinates[1].toFixed(5)}, ${g.coordinates[0].toFixed(5)}` : '';
});
const chosen = computed(() => (plants.data.value ?? []).filter((p) => body.value.mayBe.includes(p.key)));
const isFungus = computed(() => body.value.condition === 'fruitBody' || chosen.value.some((p) => p.habit === 'fungus'));
/** Plants chosen or noted before on this walk, newest first. */
const recent = computed(() => [...new Set([...finds.value].reverse().flatMap((f) => f.body.mayBe))]);
const dangerous = computed(() =>
  (plants.data.value ?? [])
    .filter((p) => p.severity === 'deadly' && chosen.value.some((c) => c.family === p.family || c.habit === p.habit))
    .slice(0, 6)
    .map((p) => ({ value: words.value.text(p.names), label: words.value.text(p.names) })),
);
const named = <T extends string>(keys: readonly T[], path: string) =>
  keys.map((k) => ({ value: k, label: words.value.t(`${path}.${k}`) }));
const statesOf = (sign: string) => named(signOf(sign)!.states, `state.${sign}`);
const specimen = computed(
  () => SPECIMENS.find((x) => words.value.t(`find.specimens.${x}`) === body.value.specimen) ?? null,
);
const photoProblem = ref('');
async function photographed(file: File): Promise<void> {
  const id = newId();
  try {
    await keepPhoto(id, await shrunk(file));
    change(find.value!.id, { photos: [...find.value!.photos, id] });
    photoProblem.value = '';
  } catch (error) {
    // The device is full, or keeps nothing (a private window): said, and the find goes on without it.
    photoProblem.value = words.value.t('find.photoNotKept', { why: (error as Error).message });
  }
}
async function keep(): Promise<void> {
  const { id, patchId } = find.value!;
  change(id, { state: 'kept', problem: '' });
  const plantKeys = body.value.mayBe.join(',');
  // Sent at once where there is a signal; without one the find waits on the walk, and the way goes on.
  await Promise.race([send(), new Promise((go) => setTimeout(go, 2500))]);
  const now = finds.value.find((f) => f.id === id);
  // What was refused at once is to be mended here, with the reason beside it.
  if (now && problemOf(now)) return;
  const stored = now && standing(now) === 'sent';
  await router.replace(
    stored ? { name: 'prospects', params: { patchId }, query: { plants: plantKeys } } : { name: 'walk' },
  );
}
</script>

<template>
  <StateNote v-if="!find" state="empty" :title="words.t('walk.none')">
    <GoButton :to="{ name: 'walk' }">{{ words.t('walk.title') }}</GoButton>
  </StateNote>
  <FieldScreen v-else :place="find.name" :back="{ name: 'walk' }" @submit="keep">
    <div class="find">
      <section>
        <h2>{{ words.t('find.position') }}</h2>
        <p v-if="where">
          <b>{{ where }}</b> <span v-if="accuracyM" class="soft">±{{ words.format.height(accuracyM) }}</span>
        </p>
        <p v-if="locating" class="soft">{{ words.t('find.locating') }}</p>
        <p v-if="problemOf(find)" class="warn" role="alert">{{ problemOf(find) }}</p>
        <p v-if="problem" class="warn" role="alert">{{ problem }}</p>
        <div class="row">
          <Button :disabled="locating" @click="locate">{{ words.t('find.again') }}</Button>
          <Input v-model:value="typed" :placeholder="words.t('find.typed')" :aria-label="words.t('find.typed')" />
        </div>
      </section>
      <section>
        <FileButton camera accept="image/jpeg,image/png,image/webp" @file="photographed">
          {{ words.t('find.photo') }}
          <span v-if="find.photos.length" class="soft">{{ words.t('photo.count', { n: find.photos.length }) }}</span>
        </FileButton>
        <p v-if="photoProblem" class="warn" role="alert">{{ photoProblem }}</p>
      </section>
      <FindPlants
        :plants="plants.data.value ?? []"
        :chosen="body.mayBe"
        :recent="recent"
        :unlisted="body.unlisted"
        @unlisted="say({ unlisted: $event })"
        @toggle="say({ mayBe: toggled(body.mayBe, $event) })" />
      <section>
        <h2>{{ words.t('find.condition') }}</h2>
        <ChoiceChips
          :model-value="body.condition"
          optional
          :label="words.t('find.condition')"
          :options="named(FIND_CONDITIONS, 'find.conditionOf')"
          @update:model-value="say({ condition: $event })" />
      </section>
      <section v-if="isFungus">
        <h2>{{ words.t('find.host') }}</h2>
        <ChoiceChips
          :model-value="stateOf(body, 'host')"
          optional
          :label="words.t('find.host')"
          :options="statesOf('host')"
          @update:model-value="change(find!.id, { body: withState(body, 'host', $event) })" />
        <p v-if="stateOf(body, 'host') === null" class="warn">{{ words.t('find.hostAsk') }}</p>
      </section>
      <FindGround :facts="facts" :body="body" @facts="sayPlace" @body="say" />
      <section>
        <h2>{{ words.t('find.smell') }}</h2>
        <ChoiceChips
          :model-value="stateOf(body, 'smell')"
          optional
          :label="words.t('find.smell')"
          :options="statesOf('smell')"
          @update:model-value="change(find!.id, { body: withState(body, 'smell', $event) })" />
      </section>
      <FindBeside :facts="facts" :dangerous="dangerous" @facts="sayPlace" />
      <section>
        <h2>{{ words.t('find.eye') }}</h2>
        <ChoiceChips
          :model-value="body.eye"
          optional
          :label="words.t('find.eye')"
          :options="named(EYE_CLASSES, 'visit.eye')"
          @update:model-value="say({ eye: $event })" />
        <h3>{{ words.t('find.traces') }}</h3>
        <ChoiceChips
          :model-value="body.lostShare === null ? null : String(body.lostShare)"
          optional
          :label="words.t('find.traces')"
          :options="shareChoices(words, LOSSES)"
          @update:model-value="say({ lostShare: $event === null ? null : Number($event) })" />
      </section>
      <section>
        <h2>{{ words.t('find.specimen') }}</h2>
        <ChoiceChips
          :model-value="specimen"
          optional
          :label="words.t('find.specimen')"
          :options="named(SPECIMENS, 'find.specimens')"
          @update:model-value="say({ specimen: $event === null ? '' : words.t(`find.specimens.${$event}`) })" />
        <label class="field">
          <span>{{ words.t('find.note') }}</span>
          <Textarea
            :rows="2"
            :maxlength="2000"
            :value="body.note"
            @input="say({ note: ($event.target as HTMLTextAreaElement).value })" />
        </label>
        <label class="field">
          <span>{{ words.t('find.name') }}</span>
          <Input :maxlength="80" :value="find.name" @update:value="change(find!.id, { name: $event })" />
        </label>
      </section>
    </div>
    <template #foot>
      <span v-if="!canKeep(find)" class="soft">{{ words.t('find.needsPosition') }}</span>
      <Button html-type="submit" type="primary" :disabled="!canKeep(find)">{{ words.t('find.keep') }}</Button>
    </template>
  </FieldScreen>
</template>

<style scoped>
.photo {
  position: relative;
  min-height: 56px;
}
.photo input {
  position: absolute;
  inset: 0;
  opacity: 0;
}
.find :deep(section) {
  border-top: 1px solid var(--hair);
  padding: 10px 0 12px;
  display: grid;
  gap: 8px;
}
.find :deep(section:first-child) {
  border-top: 0;
}
.find :deep(p) {
  margin: 0;
}
.find :deep(h3) {
  font: 600 15px var(--sans);
  margin-top: 4px;
}
.find :deep(.chip),
.find :deep(input) {
  min-height: 48px;
}
.row {
  display: flex;
  gap: 10px;
}
</style>
