<script setup lang="ts">
import { CheckboxGroup } from 'ant-design-vue';
import { computed } from 'vue';
import { useMembers } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Members who see a secret place exactly, besides its maker and the keepers. */
const chosen = defineModel<readonly string[]>({ required: true });
const words = useWords();
const { groupId } = useGroup();
const members = useMembers(groupId);
const options = computed(() =>
  (members.data.value ?? [])
    .filter((m) => m.role !== 'keeper')
    .map((m) => ({ value: m.accountId, label: `${m.name} (${words.value.t(`role.${m.role}`)})` })),
);
</script>

<template>
  <div class="field" role="group" :aria-label="words.t('patch.seenBy')">
    <span>{{ words.t('patch.seenBy') }}</span>
    <p v-if="!options.length" class="soft">{{ words.t('patch.seenByNobody') }}</p>
    <CheckboxGroup :value="[...chosen]" :options="options" @update:value="chosen = $event as string[]" />
  </div>
</template>
