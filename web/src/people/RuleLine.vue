<script setup lang="ts">
import { Switch } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { ROUTES, type HouseRuleKind, type RuleView, type SetRule, setRuleSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import NumberField from '../kit/NumberField.vue';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { defaultFigure, FIGURE_PATHS, figureOf, ruleLimit, ruleWith } from './rule-forms.ts';

/** One rule of the house for all that the group gathers: its figure, and whether it holds. */
const props = defineProps<{ kind: HouseRuleKind; inForce: RuleView | undefined }>();
const words = useWords();
const undo = useUndo();
const { groupId, isKeeper } = useGroup();
const figure = ref<number | null>(null);
const figureInForce = (): number | null => (props.inForce ? figureOf(props.inForce.rule) : null);
// What is typed stays, unless somebody set another figure meanwhile.
watch(figureInForce, (now) => (figure.value = now ?? figure.value ?? defaultFigure(props.kind)), { immediate: true });
const form = useForm({
  schema: setRuleSchema,
  body: () => ({ on: true, rule: ruleWith(props.kind, figure.value) }),
  limit: ruleLimit,
});
const set = useChange((body: SetRule) => call(ROUTES.setRule, { params: { groupId: groupId.value! }, body }));
async function change(on: boolean): Promise<void> {
  const before = props.inForce;
  const done = await form.send((body) => set.mutateAsync({ ...body, on }));
  if (done === undefined) return;
  undo.say(words.value.t('common.stored'), async () => {
    await set.mutateAsync({ on: before !== undefined, rule: before?.rule ?? ruleWith(props.kind, figure.value) });
  });
}
/** Somebody who goes on is not called back: what does not fit is said and not sent. */
const typed = (): unknown => props.inForce && form.fits.value && figure.value !== figureInForce() && change(true);
</script>

<template>
  <li :class="{ on: inForce }">
    <span
      >{{ words.t(`group.rule.${kind}`)
      }}<small v-if="inForce">{{
        words.t('group.since', { day: words.format.dayAndYear(inForce.since), by: inForce.by })
      }}</small></span
    >
    <span v-if="defaultFigure(kind) !== null" class="figure">
      <FormField v-if="isKeeper" bare :form="form" :at="FIGURE_PATHS" :label="words.t(`group.rule.${kind}`)">
        <NumberField
          v-model="figure"
          :label="words.t(`group.rule.${kind}`)"
          :unit="words.t(`group.unitOf.${kind}`)"
          @focusout="typed" />
      </FormField>
      <template v-else
        ><b>{{ figure }}</b> {{ words.t(`group.unitOf.${kind}`) }}</template
      >
    </span>
    <Switch
      v-if="isKeeper"
      class="switch"
      :checked="inForce !== undefined"
      :aria-label="words.t(`group.rule.${kind}`)"
      :disabled="form.busy.value"
      @change="(on) => change(Boolean(on))" />
    <b v-else class="switch">{{ words.t(inForce ? 'group.on' : 'group.off') }}</b>
    <FormFailure class="wide" :said="form.failure.value" />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr 200px 70px;
  gap: 4px 12px;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 6px 0;
  color: var(--soft);
}
.on {
  color: var(--char);
  font-weight: 600;
}
small {
  display: block;
  font-weight: 400;
  color: var(--soft);
  font-size: 13px;
}
.figure {
  font-weight: 400;
}
.switch {
  grid-column: 3;
  justify-self: end;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 1fr auto;
    min-height: 56px;
  }
  .figure {
    grid-row: 2;
    grid-column: 1;
  }
  .switch {
    grid-row: 1 / 3;
    grid-column: 2;
  }
}
</style>
