<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { computed } from 'vue';
import {
  HOUSE_RULE_KINDS,
  ROUTES,
  type HouseRuleKind,
  type RuleView,
  type SetRule,
  setRuleSchema,
} from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import PickOne from '../kit/PickOne.vue';
import NumberField from '../kit/NumberField.vue';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useChange, useRules, usePatches } from '../session/queries.ts';
import { defaultFigure, FIGURE_PATHS, figureOf, ruleLimit, ruleWith } from './rule-forms.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';

/** Rules for the stands of one plant or for one stand, with their reason: they hold beside the group's and never give more. */
const words = useWords();
const undo = useUndo();
const { groupId, isKeeper } = useGroup();
const rules = useRules(groupId);
const plants = usePlants(groupId);
const patches = usePatches(groupId);
const narrow = computed(() => (rules.data.value ?? []).filter((r) => r.plantKey !== null || r.standId !== null));
const scopes = computed(() => [
  ...(plants.data.value ?? []).map((p) => ({
    value: `plant:${p.key}`,
    label: words.value.t('group.forPlant', { plant: words.value.text(p.names) }),
  })),
  ...(patches.data.value ?? []).flatMap((p) =>
    p.stands
      .filter((s) => !s.retired)
      .map((s) => ({ value: `stand:${s.id}`, label: `${words.value.text(s.plantName)}, ${p.name}` })),
  ),
]);
const nameOf = ({ plantKey, standId }: RuleView): string =>
  scopes.value.find((o) => o.value === (standId === null ? `plant:${plantKey}` : `stand:${standId}`))?.label ?? '';
interface Wanted {
  scope: string | null;
  kind: HouseRuleKind | null;
  figure: number | null;
  reason: string;
}
const blank = (): Wanted => ({ scope: null, kind: null, figure: null, reason: '' });
const values = useDraft<Wanted>('narrow-rule', blank());
const kinds = computed(() => HOUSE_RULE_KINDS.map((value) => ({ value, label: words.value.t(`group.rule.${value}`) })));
function pickKind(kind: HouseRuleKind | null): void {
  values.value.kind = kind;
  values.value.figure = kind === null ? null : defaultFigure(kind);
}
const form = useForm({
  schema: setRuleSchema,
  body: () => {
    const { scope, kind, figure, reason } = values.value;
    return {
      on: true,
      rule: kind === null ? undefined : ruleWith(kind, figure),
      // A rule for nothing in particular is made above: here it must say for what.
      ...(scope?.startsWith('stand:')
        ? { plantKey: null, standId: scope.slice('stand:'.length) }
        : { plantKey: scope?.slice('plant:'.length) ?? '', standId: null }),
      reason,
    };
  },
  limit: ruleLimit,
});
const set = useChange((body: SetRule) => call(ROUTES.setRule, { params: { groupId: groupId.value! }, body }));
async function add(): Promise<void> {
  const done = await form.send(async (body) => {
    await set.mutateAsync(body);
    return body;
  });
  if (done === undefined) return;
  values.value = blank();
  undo.say(words.value.t('common.stored'), async () => void (await set.mutateAsync({ ...done, on: false })));
}
async function end({ rule, plantKey, standId, reason }: RuleView): Promise<void> {
  const body = { rule, plantKey, standId, reason };
  const done = await set.mutateAsync({ ...body, on: false }).catch(() => null);
  if (done) undo.say(words.value.t('common.stored'), async () => void (await set.mutateAsync({ ...body, on: true })));
}
</script>

<template>
  <h3>{{ words.t('group.narrowRules') }}</h3>
  <p v-if="!narrow.length" class="soft">{{ words.t('group.noNarrowRules') }}</p>
  <p v-for="r in narrow" :key="JSON.stringify([r.rule, r.plantKey, r.standId])" class="one">
    <span>
      <b>{{ nameOf(r) }}</b>: {{ words.t(`group.rule.${r.rule.kind}`) }}
      <template v-if="figureOf(r.rule) !== null"
        >{{ figureOf(r.rule) }} {{ words.t(`group.unitOf.${r.rule.kind}`) }}</template
      >
      <small class="soft">{{
        [r.reason, words.t('group.since', { day: words.format.dayAndYear(r.since), by: r.by })]
          .filter(Boolean)
          .join(' · ')
      }}</small>
    </span>
    <Button v-if="isKeeper" type="text" @click="end(r)">{{ words.t('group.endRule') }}</Button>
  </p>
  <Form v-if="isKeeper" layout="vertical" class="new" @submit="add">
    <FormField :form="form" :at="['plantKey', 'standId']" :label="words.t('group.forWhat')">
      <PickOne v-model="values.scope" :options="scopes" :label="words.t('group.forWhat')" />
    </FormField>
    <FormField :form="form" :at="['rule', 'rule.kind']" :label="words.t('group.whichRule')">
      <PickOne
        :model-value="values.kind"
        :options="kinds"
        :label="words.t('group.whichRule')"
        @update:model-value="pickKind($event as HouseRuleKind | null)" />
    </FormField>
    <FormField
      v-if="values.kind && defaultFigure(values.kind) !== null"
      :form="form"
      :at="FIGURE_PATHS"
      :label="words.t('group.figure')">
      <NumberField v-model="values.figure" :unit="words.t(`group.unitOf.${values.kind}`)" />
    </FormField>
    <FormField :form="form" at="reason" :label="words.t('group.ruleReason')" optional>
      <Input v-model:value="values.reason" :maxlength="200" />
    </FormField>
    <Button html-type="submit" :loading="form.busy.value">{{ words.t('group.addRule') }}</Button>
  </Form>
  <FormFailure :said="form.failure.value || set.error.value?.message" />
</template>

<style scoped>
h3 {
  margin-top: 16px;
}
.one {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
}
small {
  display: block;
}
/* One beside the other, as many as there is room for. */
.new {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 0 12px;
}
.new > .ant-btn {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
