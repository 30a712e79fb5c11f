<script setup lang="ts">
import { computed } from 'vue';
import { SIGNS } from '@emberfield/contract';
import { isBuiltFor, type SignSpec } from '@emberfield/core/identity';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import FoldUp from '../kit/FoldUp.vue';
import { byKind } from '../kit/sign-kinds.ts';
import StateChoice from '../kit/StateChoice.vue';
import { toggled } from '../kit/toggled.ts';
import { useWords } from '../session/words.ts';
import type { PlainForm } from './plain-form.ts';

/** The signs by which a plant of one's own is known, pressed on their drawings. */
const props = defineProps<{ form: FieldsForm; habit: PlainForm['habit'] }>();
const shows = defineModel<PlainForm['shows']>({ required: true });
const words = useWords();
const statesOf = (sign: string): readonly string[] => shows.value.find((s) => s.sign === sign)?.states ?? [];
/** A herb is not asked about its gills, nor a cap about its leaves; what was pressed before stays to be seen. */
const isAsked = (sign: SignSpec): boolean =>
  statesOf(sign.key).length > 0 || (sign.ofPlace ? props.habit === 'fungus' : isBuiltFor(props.habit, sign));
const kinds = computed(() =>
  byKind(
    SIGNS.filter(isAsked).map((sign) => ({
      sign,
      states: sign.states.map((state) => ({
        state,
        mark: statesOf(sign.key).includes(state) ? ('seen' as const) : null,
        again: false,
        gone: false,
      })),
    })),
  ),
);
function press(sign: string, state: string): void {
  const states = toggled(statesOf(sign), state);
  const others = shows.value.filter((s) => s.sign !== sign);
  shows.value = states.length === 0 ? others : [...others, { sign, states: [...states] }];
}
</script>

<template>
  <FormField bare :form="form" at="shows" :label="words.t('ownPlant.signs')">
    <FoldUp
      v-for="k in kinds"
      :key="k.kind"
      :title="`${words.t(`identify.kind.${k.kind}`)}${k.noted ? ` · ${words.t('identify.noted', { n: k.noted })}` : ''}`">
      <section v-for="{ sign, states } in k.signs" :key="sign.key">
        <h3>{{ words.t(`sign.${sign.key}`) }}</h3>
        <StateChoice
          :sign="sign.key"
          :label="words.t(`sign.${sign.key}`)"
          :states="states"
          @press="press(sign.key, $event.state)" />
      </section>
    </FoldUp>
  </FormField>
</template>
