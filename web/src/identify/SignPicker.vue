<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Phase } from '@emberfield/core/identity';
import FoldUp from '../kit/FoldUp.vue';
import SignDrawing from '../kit/SignDrawing.vue';
import { useWords } from '../session/words.ts';
import type { SignChoice } from './field-left.ts';
import type { Said } from './identify-draft.ts';
import { byKind, FEW_KINDS, openAtFirst, type KindOfSigns } from './sign-kinds.ts';

/** Every sign that can still tell something, as drawn choices, folded by what of the plant they are of. */
const props = defineProps<{ signs: readonly SignChoice[]; phase: Phase | null }>();
const kinds = computed(() => byKind(props.signs));
const open = computed(() => openAtFirst(kinds.value, props.phase));
const emit = defineEmits<{ say: [said: Said] }>();
/** The sign of which the next press says what it is not. */
const denying = ref<string | null>(null);
function press(sign: string, { state, mark }: SignChoice['states'][number]): void {
  const said = denying.value === sign ? 'notSo' : 'seen';
  denying.value = null;
  emit('say', { sign, state, mark: mark === null ? said : null });
}
const words = useWords();
const titleOf = ({ kind, noted }: KindOfSigns): string =>
  [words.value.t(`identify.kind.${kind}`), ...(noted ? [words.value.t('identify.noted', { n: noted })] : [])].join(
    ' · ',
  );
/** Three states are no check box: the word says which, "not so" among them. */
const said = (sign: string, { state, mark, again, gone }: SignChoice['states'][number]): string => {
  const name = words.value.t(`state.${sign}.${state}`);
  if (mark === 'notSo') return words.value.t('identify.notSo', { what: name });
  if (again) return words.value.t('identify.twice', { what: name });
  return gone && mark === null ? `${name} (${words.value.t('identify.gone')})` : name;
};
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
        <div class="states" role="group" :aria-label="words.t(`sign.${sign.key}`)">
          <button
            v-for="s in states"
            :key="s.state"
            type="button"
            class="state"
            :class="[s.mark ?? '', { gone: s.gone }]"
            :aria-pressed="s.mark === 'seen'"
            :aria-label="said(sign.key, s)"
            @click="press(sign.key, s)">
            <span class="frame"><SignDrawing :sign="sign.key" :state="s.state" /></span>
            <span>{{ words.t(`state.${sign.key}.${s.state}`) }}{{ s.again ? ' ✓✓' : '' }}</span>
          </button>
        </div>
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
.states {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  gap: 6px;
}
.state {
  border: 0;
  background: none;
  color: var(--char);
  font: 13px/1.2 var(--sans);
  padding: 2px;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 3px;
  min-height: 48px;
}
.frame {
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  padding: 3px;
  position: relative;
}
.state:hover .frame {
  border-color: var(--char);
}
.seen .frame {
  border: 3px solid var(--char);
  padding: 1px;
}
.seen {
  font-weight: 640;
}
.notSo .frame::after {
  content: '';
  position: absolute;
  inset: 0;
  background: linear-gradient(to top right, transparent calc(50% - 2px), var(--ember) 0 calc(50% + 2px), transparent 0);
}
.notSo .frame {
  border: 2px solid var(--ember);
  padding: 2px;
}
.notSo > span:last-child,
.gone:not(.seen) > span:last-child {
  text-decoration: line-through;
  color: var(--soft);
}
.gone:not(.seen) .frame {
  background: repeating-linear-gradient(135deg, var(--paper) 0 5px, var(--ash) 5px 6px);
}
.gone:not(.seen) .frame > :first-child {
  opacity: 0.45;
}
</style>
