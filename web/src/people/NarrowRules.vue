<script setup lang="ts">
import { Button, Input, Space } from 'ant-design-vue';
import { computed } from 'vue';
import { HOUSE_RULE_KINDS, ROUTES, type HouseRuleKind, type RuleView, type SetRule } from '@emberfield/contract';
import PickOne from '../kit/PickOne.vue';
import NumberField from '../kit/NumberField.vue';
import { usePatches } from '../patches/queries.ts';
import { usePlants } from '../plants/queries.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useChange, useRules } from '../session/queries.ts';
import { defaultFigure, figureOf, ruleWith } from './rule-forms.ts';
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
const form = useDraft<Wanted>('narrow-rule', { scope: null, kind: null, figure: null, reason: '' });
const kinds = computed(() => HOUSE_RULE_KINDS.map((value) => ({ value, label: words.value.t(`group.rule.${value}`) })));
function pickKind(kind: HouseRuleKind | null): void {
  form.value.kind = kind;
  form.value.figure = kind === null ? null : defaultFigure(kind);
}
const set = useChange((body: SetRule) => call(ROUTES.setRule, { params: { groupId: groupId.value! }, body }));
const scopeOf = (scope: string) => ({
  plantKey: scope.startsWith('plant:') ? scope.slice(6) : null,
  standId: scope.startsWith('stand:') ? scope.slice(6) : null,
});
async function add(): Promise<void> {
  const { scope, kind, figure, reason } = form.value;
  if (!scope || !kind) return;
  const body = { rule: ruleWith(kind, figure), ...scopeOf(scope), reason };
  const done = await set.mutateAsync({ ...body, on: true }).catch(() => null);
  if (!done) return;
  Object.assign(form.value, { scope: null, kind: null, figure: null, reason: '' });
  undo.say(words.value.t('common.stored'), async () => void (await set.mutateAsync({ ...body, on: false })));
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
  <p v-for="r in narrow" :key="`${r.rule.kind}${r.plantKey}${r.standId}`" class="one">
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
  <Space v-if="isKeeper" wrap>
    <PickOne
      :model-value="form.scope"
      :options="scopes"
      :label="words.t('group.forWhat')"
      :placeholder="words.t('group.forWhat')"
      @update:model-value="form.scope = $event" />
    <PickOne
      :model-value="form.kind"
      :options="kinds"
      :label="words.t('group.whichRule')"
      :placeholder="words.t('group.whichRule')"
      @update:model-value="pickKind($event as HouseRuleKind | null)" />
    <template v-if="form.kind && defaultFigure(form.kind) !== null">
      <NumberField v-model="form.figure" :min="1" :label="words.t(`group.rule.${form.kind}`)" />
      {{ words.t(`group.unitOf.${form.kind}`) }}
    </template>
    <Input
      v-model:value="form.reason"
      class="wide"
      :maxlength="200"
      :placeholder="words.t('group.ruleReason')"
      :aria-label="words.t('group.ruleReason')" />
    <Button :disabled="!form.scope || !form.kind" :loading="set.isPending.value" @click="add">
      {{ words.t('group.addRule') }}
    </Button>
  </Space>
  <p v-if="set.error.value" class="warn" role="alert">{{ set.error.value.message }}</p>
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
.wide {
  width: 240px;
  max-width: 100%;
}
</style>
