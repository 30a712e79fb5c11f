<script setup lang="ts">
import { computed } from 'vue';
import { HOUSE_RULE_KINDS } from '@emberfield/contract';
import { useRules } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import NarrowRules from './NarrowRules.vue';
import RuleLine from './RuleLine.vue';

/** What the group holds itself to, beside what the catalogue and the law say. */
const words = useWords();
const { groupId, isKeeper } = useGroup();
const rules = useRules(groupId);
const inForce = computed(
  () =>
    new Map(
      (rules.data.value ?? []).flatMap((r) =>
        r.plantKey === null && r.standId === null ? [[r.rule.kind, r] as const] : [],
      ),
    ),
);
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.rules') }}</h2>
    <p class="soft">{{ words.t(isKeeper ? 'group.rulesLead' : 'group.askKeeper') }}</p>
    <ul v-if="rules.data.value" class="rows">
      <RuleLine v-for="kind in HOUSE_RULE_KINDS" :key="kind" :kind="kind" :in-force="inForce.get(kind)" />
    </ul>
    <NarrowRules />
  </section>
</template>
