<script setup lang="ts">
import { Input, Modal } from 'ant-design-vue';
import { useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useRouter, type RouteLocationRaw } from 'vue-router';
import { ROUTES, type FoundThing } from '@emberfield/contract';
import { useEscape } from '../kit/use-escape.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import NotListed from '../plants/NotListed.vue';
import { viewsCalled } from './find-views.ts';

const emit = defineEmits<{ close: [] }>();
const words = useWords();
useEscape(() => emit('close'));
const router = useRouter();
const { groupId, isKeeper } = useGroup();
/** What is looked for. */
const text = defineModel<string>({ required: true });
const settled = refDebounced(text, 120);
const input = ref<{ focus: () => void } | null>(null);
const chosen = ref(0);
const found = useQuery({
  queryKey: computed(() => ['group', groupId.value, 'find', settled.value]),
  queryFn: () => call(ROUTES.find, { params: { groupId: groupId.value! }, query: { text: settled.value } }),
  enabled: computed(() => settled.value.trim().length > 0),
  placeholderData: (before: readonly FoundThing[] | undefined) => before,
});
/** What is found, whatever it is: how it is called, what kind of thing it is, and the way to it. */
interface Shown {
  readonly key: string;
  readonly label: string;
  readonly detail: string;
  readonly kind: FoundThing['kind'] | 'view';
  readonly to: RouteLocationRaw;
}
const wayTo = ({ kind, id }: FoundThing): RouteLocationRaw =>
  ({
    stand: { name: 'stand', params: { standId: id } },
    patch: { name: 'patch', params: { patchId: id } },
    plant: { name: 'plant', params: { plantKey: id } },
    person: { name: 'group' },
  })[kind];
const things = computed((): readonly Shown[] => {
  if (!settled.value.trim()) return [];
  return [
    ...viewsCalled(settled.value, words.value.t, isKeeper.value).map(({ name, tab, label, detail }) => ({
      key: `view ${name} ${tab ?? ''}`,
      label,
      detail,
      kind: 'view' as const,
      to: { name, query: tab === undefined ? {} : { tab } },
    })),
    ...(found.data.value ?? []).map((f) => ({
      key: f.kind + f.id,
      label: words.value.text(f.label),
      detail: f.detail,
      kind: f.kind,
      to: wayTo(f),
    })),
  ];
});
// What was chosen is another thing once others are found.
watch(things, () => (chosen.value = 0));
onMounted(() => nextTick(() => input.value?.focus()));
function go(thing: Shown | undefined): void {
  if (!thing) return;
  void router.push(thing.to);
  emit('close');
}
function key(event: KeyboardEvent): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (step !== undefined) {
    event.preventDefault();
    chosen.value = Math.min(things.value.length - 1, Math.max(0, chosen.value + step));
  } else if (event.key === 'Enter' && isOld.value) wanted.value = true;
  else if (event.key === 'Enter') go(things.value[chosen.value]);
}
/** What is shown was found for less than what was typed. */
const isOld = computed(
  () =>
    text.value !== settled.value ||
    (found.isFetching.value && (found.isPlaceholderData.value || found.data.value === undefined)),
);
/** Enter came before the answer: it is for the first of what will be found, unless something else is typed meanwhile. */
const wanted = ref(false);
watch(text, () => (wanted.value = false));
watch(isOld, (old) => {
  if (old || !wanted.value) return;
  wanted.value = false;
  go(things.value[0]);
});
</script>

<template>
  <Modal open :footer="null" :closable="false" :width="560" :title="words.t('nav.findHint')" @cancel="emit('close')">
    <Input
      ref="input"
      v-model:value="text"
      size="large"
      role="combobox"
      aria-expanded="true"
      aria-controls="found"
      :aria-activedescendant="things.length ? `found-${chosen}` : undefined"
      :aria-label="words.t('nav.find')"
      autocomplete="off"
      @keydown="key" />
    <ul id="found" role="listbox" :aria-label="words.t('nav.find')">
      <li
        v-for="(f, i) in things"
        :id="`found-${i}`"
        :key="f.key"
        role="option"
        :aria-selected="i === chosen"
        @click="go(f)"
        @mousemove="chosen = i">
        <span
          ><b>{{ f.label }}</b> <span class="soft">{{ f.detail }}</span></span
        >
        <small class="soft">{{ words.t(`nav.findKind.${f.kind}`) }}</small>
      </li>
    </ul>
    <p v-if="settled.trim() && !things.length && !found.isFetching.value" class="soft">
      {{ words.t('nav.findEmpty') }}
    </p>
    <NotListed
      v-if="settled.trim() && !things.length && !found.isFetching.value"
      :name="settled.trim().slice(0, 80)"
      @click="emit('close')" />
  </Modal>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: baseline;
  padding: 8px 10px;
  border-top: 1px solid var(--hair);
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--band);
  box-shadow: inset 3px 0 0 var(--ember);
}
</style>
