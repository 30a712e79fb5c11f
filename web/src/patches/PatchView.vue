<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ROUTES } from '@emberfield/contract';
import EndBox from '../kit/EndBox.vue';
import SidePanel from '../kit/SidePanel.vue';
import StateNote from '../kit/StateNote.vue';
import { useEnd } from '../kit/use-end.ts';
import PhotoStrip from '../photos/PhotoStrip.vue';
import { useGroup } from '../session/use-group.ts';
import { useQueryChoice } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import PlacePoison from './PlacePoison.vue';
import PlaceRecord from './PlaceRecord.vue';
import PlaceSettings from './PlaceSettings.vue';
import PlaceStands from './PlaceStands.vue';
import PlaceStation from './PlaceStation.vue';
import { usePatch } from './queries.ts';

/** A place: what grows there first, then what was noted of it; what it is like is set in a panel beside. */
const words = useWords();
const route = useRoute();
const router = useRouter();
const { groupId, mayPick, isKeeper } = useGroup();
const patch = usePatch(
  groupId,
  computed(() => String(route.params['patchId'])),
);
const p = computed(() => patch.data.value);
const mayChange = computed(() => mayPick.value && p.value !== undefined && !p.value.blurred);
const panel = useQueryChoice('panel');
const setting = computed({
  get: () => panel.value === 'settings',
  set: (open) => (panel.value = open ? 'settings' : null),
});
const end = useEnd(
  { retire: ROUTES.retirePatch, remove: ROUTES.removePatch },
  () => ({ groupId: groupId.value!, patchId: p.value!.id }),
  () => void router.push({ name: 'ground' }),
);
</script>

<template>
  <StateNote
    v-if="patch.isLoadingError.value"
    state="failed"
    :text="patch.error.value?.message"
    @retry="patch.refetch()" />
  <StateNote v-else-if="!p" state="loading" />
  <div v-else class="page narrow">
    <header class="top">
      <div>
        <h1>{{ p.name }}</h1>
        <p class="soft">
          {{ p.areaM2 ? words.format.area(p.areaM2) : '' }} <span v-if="p.blurred">{{ words.t('patch.blurred') }}</span>
        </p>
      </div>
      <Button class="no-print" @click="setting = true">{{ words.t('patch.settings') }}</Button>
    </header>
    <PlacePoison :patch-id="p.id" />
    <section class="section">
      <h2>{{ words.t('patch.growsHere') }}</h2>
      <PlaceStands :patch="p" />
    </section>
    <PlaceRecord :patch="p" />
    <PhotoStrip :patch-id="p.id" :stand-id="null" />
    <SidePanel v-model:open="setting" wide :title="words.t('patch.settingsOf', { place: p.name })">
      <PlaceSettings :key="p.id" :patch="p" :may-change="mayChange" @stale="patch.refetch()" />
      <PlaceStation v-if="!p.blurred" :patch="p" />
      <EndBox
        :retired-on="p.retiredOn"
        :retired-why="p.retiredWhy"
        :may-retire="isKeeper"
        :may-remove="mayChange && !p.stands.length && !p.finds.length"
        :end="end" />
    </SidePanel>
  </div>
</template>

<style scoped>
.top {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  justify-content: space-between;
}
.narrow {
  max-width: 860px;
}
</style>
