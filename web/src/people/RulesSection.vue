<script setup lang="ts">
import { Switch } from 'ant-design-vue';
import { computed, reactive, watch } from 'vue';
import { HOUSE_RULE_KINDS, ROUTES, type HouseRuleKind } from '@emberfield/contract';
import NumberField from '../kit/NumberField.vue';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useChange, useRules } from '../session/queries.ts';
import NarrowRules from './NarrowRules.vue';
import { defaultFigure, figureOf, ruleWith } from './rule-forms.ts';
import { useGroup } from '../session/use-group.ts';

const words = useWords();
const undo = useUndo();
const { groupId, isKeeper } = useGroup();
const rules = useRules(groupId);
const figures = reactive<Partial<Record<HouseRuleKind, number | null>>>({});
const inForce = computed(
  () =>
    new Map(
      (rules.data.value ?? []).flatMap((r) =>
        r.plantKey === null && r.standId === null ? [[r.rule.kind, r] as const] : [],
      ),
    ),
);
watch(
  inForce,
  (now) => {
    for (const kind of HOUSE_RULE_KINDS)
      figures[kind] = now.has(kind) ? figureOf(now.get(kind)!.rule) : (figures[kind] ?? defaultFigure(kind));
  },
  { immediate: true },
);
const set = useChange(({ kind, on, figure }: { kind: HouseRuleKind; on: boolean; figure: number | null }) =>
  call(ROUTES.setRule, { params: { groupId: groupId.value! }, body: { on, rule: ruleWith(kind, figure) } }),
);
async function change(kind: HouseRuleKind, on: boolean): Promise<void> {
  const before = inForce.value.get(kind);
  await set.mutateAsync({ kind, on, figure: figures[kind] ?? null }).then(
    () =>
      undo.say(words.value.t('common.stored'), async () => {
        await set.mutateAsync({ kind, on: before !== undefined, figure: before ? figureOf(before.rule) : null });
      }),
    () => undefined,
  );
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.rules') }}</h2>
    <p class="soft">{{ words.t(isKeeper ? 'group.rulesLead' : 'group.askKeeper') }}</p>
    <ul class="rows">
      <li v-for="kind in HOUSE_RULE_KINDS" :key="kind" :class="{ on: inForce.has(kind) }">
        <span
          >{{ words.t(`group.rule.${kind}`)
          }}<small v-if="inForce.get(kind)">{{
            words.t('group.since', {
              day: words.format.dayAndYear(inForce.get(kind)!.since),
              by: inForce.get(kind)!.by,
            })
          }}</small></span
        >
        <span class="figure"
          ><template v-if="defaultFigure(kind) !== null"
            ><NumberField
              v-if="isKeeper"
              v-model="figures[kind]"
              :min="1"
              :label="words.t(`group.rule.${kind}`)"
              @focusout="
                inForce.has(kind) && figures[kind] !== figureOf(inForce.get(kind)!.rule) && change(kind, true)
              " /><b v-else>{{ figures[kind] }}</b> {{ words.t(`group.unitOf.${kind}`) }}</template
          ></span
        >
        <Switch
          v-if="isKeeper"
          class="switch"
          :checked="inForce.has(kind)"
          :aria-label="words.t(`group.rule.${kind}`)"
          :disabled="set.isPending.value"
          @change="(on) => change(kind, Boolean(on))" />
        <b v-else>{{ words.t(inForce.has(kind) ? 'group.on' : 'group.off') }}</b>
      </li>
    </ul>
    <p v-if="set.error.value" class="warn" role="alert">{{ set.error.value.message }}</p>
    <NarrowRules />
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr 170px 70px;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 6px 0;
  color: var(--soft);
}
li.on {
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
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: 400;
}
@media (max-width: 900px) {
  li {
    grid-template-columns: 1fr auto;
  }
  .figure {
    grid-column: 1;
  }
  .switch,
  li > b {
    grid-row: 1 / 3;
    grid-column: 2;
  }
}
.switch {
  justify-self: end;
}
</style>
