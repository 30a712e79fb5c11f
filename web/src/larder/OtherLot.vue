<script setup lang="ts">
import { computed, watch } from 'vue';
import type { StandRef } from '@emberfield/contract';
import type { UnitKey } from '@emberfield/core/plants';
import NumberField from '../kit/NumberField.vue';
import PickOne from '../kit/PickOne.vue';
import { usePlant } from '../plants/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import type { Lot } from './sort-draft.ts';

/** Something that lay in the basket and is of another stand of the same place: which, what of it, how many. */
const props = defineProps<{ stands: readonly StandRef[] }>();
const lot = defineModel<Lot>({ required: true });
const emit = defineEmits<{ unit: [unit: UnitKey | null] }>();
const words = useWords();
const { groupId } = useGroup();
const standId = computed(() => lot.value.of?.standId ?? null);
const stand = computed(() => props.stands.find((s) => s.id === standId.value));
const plant = usePlant(
  groupId,
  computed(() => stand.value?.plantKey ?? ''),
);
const parts = computed(() => (stand.value ? (plant.data.value?.profile.parts ?? []) : []));
const part = computed(() => parts.value.find((p) => p.key === lot.value.of?.part) ?? parts.value[0]);
function choose(id: string | null): void {
  // Its first part, until another is chosen: the profile may be on its way.
  lot.value = { ...lot.value, amount: null, of: id === null ? null : { standId: id, part: 'leaf' } };
}
watch(
  part,
  (now) => {
    const { of } = lot.value;
    if (of && now && of.part !== now.key) lot.value = { ...lot.value, of: { ...of, part: now.key } };
    emit('unit', of && now ? now.unit : null);
  },
  { immediate: true },
);
</script>

<template>
  <label class="line"
    >{{ words.t('larder.ofOther') }}
    <PickOne
      optional
      :model-value="standId"
      :label="words.t('larder.ofOther')"
      :placeholder="words.t('larder.ofThis')"
      :options="
        stands.map((s) => ({ value: s.id, label: [words.text(s.plantName), s.where].filter(Boolean).join(', ') }))
      "
      @update:model-value="choose($event ?? null)"
  /></label>
  <template v-if="lot.of && part">
    <label class="line"
      >{{ words.t('larder.otherPart') }}
      <PickOne
        :model-value="part.key"
        :label="words.t('larder.otherPart')"
        :options="parts.map((p) => ({ value: p.key, label: words.text(p.name) }))"
        @update:model-value="$event && (lot = { ...lot, of: { standId: lot.of.standId, part: $event } })"
    /></label>
    <label class="line"
      >{{ words.t('larder.otherAmount') }}
      <NumberField
        :model-value="lot.amount"
        :label="words.t('larder.otherAmount')"
        @update:model-value="lot = { ...lot, amount: $event ?? null }" />
      <span v-if="lot.amount" class="soft">{{ words.amount(lot.amount, part.unit) }}</span></label
    >
    <p class="soft small">{{ words.t('larder.otherSays') }}</p>
  </template>
</template>
