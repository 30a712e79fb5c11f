<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { centreOf } from '@emberfield/core/stand';
import { wayBetween } from '@emberfield/core/measure';
import { usePatches } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { useHere } from '../platform/use-here.ts';

/** Every place, for whoever is at one without a round: by its name, or the nearest first once the device was asked where it is. */
const words = useWords();
const { groupId } = useGroup();
const patches = usePatches(groupId);
const text = ref('');
const asking = ref(false);
const { here, lost } = useHere(() => asking.value);
const MOST = 12;
const found = computed(() => {
  const typed = text.value.trim().toLowerCase();
  const standing = (patches.data.value ?? []).filter(
    (p) => p.retiredOn === null && p.stands.some((s) => !s.retired) && p.name.toLowerCase().includes(typed),
  );
  const listed = standing.map((p) => ({
    id: p.id,
    name: p.name,
    // Where others know better, how far it is would be a guess.
    metres: here.value && !p.blurred ? wayBetween(here.value, centreOf(p.geometry)) : null,
  }));
  return listed
    .sort((a, b) => (a.metres ?? Infinity) - (b.metres ?? Infinity) || a.name.localeCompare(b.name))
    .slice(0, MOST);
});
</script>

<template>
  <section v-if="patches.data.value?.length" class="section">
    <h2>{{ words.t('field.atAPlace') }}</h2>
    <div class="row">
      <Input
        v-model:value="text"
        type="search"
        :placeholder="words.t('field.placeName')"
        :aria-label="words.t('field.placeName')" />
      <Button v-if="!asking" @click="asking = true">{{ words.t('field.nearest') }}</Button>
      <span v-else-if="!here" class="soft">{{
        lost === null ? words.t('field.locating') : words.t('field.lost', { why: lost })
      }}</span>
    </div>
    <ul>
      <li v-for="p in found" :key="p.id">
        <RouterLink :to="{ name: 'placeLog', params: { patchId: p.id } }"
          ><b>{{ p.name }}</b>
          <span v-if="p.metres !== null" class="soft">{{ words.format.distance(p.metres) }}</span></RouterLink
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: 10px;
  align-items: center;
}
ul {
  list-style: none;
  padding: 0;
}
a {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}
</style>
