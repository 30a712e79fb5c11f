<script setup lang="ts">
import { computed, ref } from 'vue';
import type { PartOutlook, PatchDetail } from '@emberfield/contract';
import CoalMark from '../kit/CoalMark.vue';
import GoButton from '../kit/GoButton.vue';
import { useHearth } from '../hearth/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { outlooksByHeat } from '../stands/heats.ts';

/** What grows at a place: how each stands on the day looked at, and the two things that are done there. */
const props = defineProps<{ patch: PatchDetail }>();
const words = useWords();
const { groupId, mayPick } = useGroup();
const { asked, day, dayQuery } = useDay();
const hearth = useHearth(groupId, asked, ref(false));
/** Of each stand the part that is most urgent. */
const first = computed(() => {
  const found = new Map<string, PartOutlook>();
  for (const o of outlooksByHeat(hearth.data.value?.outlooks ?? [])) if (!found.has(o.standId)) found.set(o.standId, o);
  return found;
});
const rows = computed(() =>
  props.patch.stands
    .map((stand) => ({ stand, outlook: first.value.get(stand.id) }))
    .sort((a, b) => Number(a.stand.retired) - Number(b.stand.retired)),
);
</script>

<template>
  <ul class="rows">
    <li v-for="{ stand: s, outlook: o } in rows" :key="s.id" class="stand">
      <CoalMark
        v-if="o"
        :readiness="o.readiness"
        :thorns="o.thorns"
        :size="32"
        :label="words.coal(o.readiness, o.thorns)" />
      <span v-else />
      <RouterLink class="what" :to="{ name: 'stand', params: { standId: s.id }, query: dayQuery }">
        <b>{{ [words.text(s.plantName), o && words.text(o.partName)].filter(Boolean).join(' · ') }}</b>
        <small v-if="s.retired">{{ words.t('end.short') }}</small>
        <small v-else-if="o">{{ words.windowShort(o, day) }} · {{ words.allowanceShort(o.allowance) }}</small>
      </RouterLink>
      <span v-if="mayPick && !s.retired" class="acts no-print">
        <GoButton :to="{ name: 'visit', params: { standId: s.id } }">{{ words.t('patch.seen') }}</GoButton>
        <GoButton v-if="o" :to="{ name: 'take', params: { standId: s.id }, query: { part: o.part } }">{{
          words.t('hearth.logTake')
        }}</GoButton>
      </span>
    </li>
    <li v-if="!rows.length" class="soft">{{ words.t('patch.nothingHere') }}</li>
    <li v-if="mayPick" class="no-print">
      <GoButton v-if="rows.length > 1" :to="{ name: 'placeLog', params: { patchId: patch.id } }">{{
        words.t('field.all')
      }}</GoButton>
      <GoButton type="link" :to="{ name: 'newPatch', query: { patch: patch.id } }">{{
        words.t('patch.addStand')
      }}</GoButton>
    </li>
  </ul>
</template>

<style scoped>
.stand {
  display: grid;
  grid-template-columns: 36px 1fr auto;
  gap: 4px 12px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}
.what {
  color: inherit;
  text-decoration: none;
}
small {
  display: block;
  font-size: 14px;
  color: var(--soft);
}
.acts {
  display: flex;
  gap: 8px;
}
@media (max-width: 700px) {
  .acts {
    grid-column: 2 / -1;
  }
}
</style>
