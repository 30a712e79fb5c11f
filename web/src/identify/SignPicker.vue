<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Phase } from '@emberfield/core/identity';
import FoldUp from '../kit/FoldUp.vue';
import {
  byKind,
  FEW_KINDS,
  openAtFirst,
  type KindOfSigns,
  type SignToPress,
  type StateToPress,
} from '../kit/sign-kinds.ts';
import StateChoice from '../kit/StateChoice.vue';
import { useWords } from '../session/words.ts';
import type { Said } from './identify-draft.ts';

/** Every sign that can still tell something, as drawn choices, folded by what of the plant they are of. */
const props = defineProps<{ signs: readonly SignToPress[]; phase: Phase | null }>();
const kinds = computed(() => byKind(props.signs));
const open = computed(() => openAtFirst(kinds.value, props.phase));
const emit = defineEmits<{ say: [said: Said] }>();
/** The sign of which the next press says what it is not. */
const denying = ref<string | null>(null);
function press(sign: string, { state, mark }: StateToPress): void {
  const said = denying.value === sign ? 'notSo' : 'seen';
  denying.value = null;
  emit('say', { sign, state, mark: mark === null ? said : null });
}
const words = useWords();
const titleOf = ({ kind, noted }: KindOfSigns): string =>
  [words.value.t(`identify.kind.${kind}`), ...(noted ? [words.value.t('identify.noted', { n: noted })] : [])].join(
    ' · ',
  );
</script>

<template>
  <template v-for="group in kinds" :key="`${group.kind} ${phase} ${kinds.length <= FEW_KINDS}`">
    <FoldUp :title="titleOf(group)" :open="open.has(group.kind)">
      <section v-for="{ sign, states } in group.signs" :key="sign.key" class="sign">
        <h3>
          {{ words.t(`sign.${sign.key}`) }}
          <small v-if="sign.price !== 'glance'">{{ words.t(`plants.price.${sign.price}`) }}</small>
          <Button
            class="deny"
            type="link"
            size="small"
            :aria-pressed="denying === sign.key"
            :aria-label="words.t('identify.denyOf', { sign: words.t(`sign.${sign.key}`) })"
            @click="denying = denying === sign.key ? null : sign.key"
            >{{ words.t(denying === sign.key ? 'identify.denying' : 'identify.deny') }}</Button
          >
        </h3>
        <StateChoice
          :sign="sign.key"
          :label="words.t(`sign.${sign.key}`)"
          :states="states"
          @press="press(sign.key, $event)" />
      </section>
    </FoldUp>
  </template>
</template>

<style scoped>
:deep(.ant-collapse-header-text) {
  font: 600 19px/1.2 var(--serif);
}
.sign {
  margin-bottom: 12px;
}
h3 {
  display: flex;
  align-items: baseline;
  gap: 6px;
  margin-bottom: 4px;
  font: 640 15px/1.3 var(--sans);
}
.deny.ant-btn {
  margin-left: auto;
  color: var(--soft);
}
.deny[aria-pressed='true'] {
  color: var(--ember-ink);
}
h3 small {
  font: 13px var(--sans);
  color: var(--soft);
}
</style>
