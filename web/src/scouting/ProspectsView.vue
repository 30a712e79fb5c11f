<script setup lang="ts">
import { Button } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { ROUTES, type Prospect } from '@emberfield/contract';
import StateNote from '../kit/StateNote.vue';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useDay } from '../session/use-day.ts';
import { usePatch } from '../patches/queries.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { derivedId } from '../entries/derived-id.ts';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';

/** What a find may still give this year, for each plant that it may be; a tap puts it on the year. */
const words = useWords();
const route = useRoute();
const undo = useUndo();
const { groupId } = useGroup();
const { today } = useDay();
const { make } = useEntries();
const outbox = useOutbox();
const patchId = computed(() => String(route.params['patchId']));
const patch = usePatch(groupId, patchId);
const plants = computed(() => (typeof route.query['plants'] === 'string' ? route.query['plants'] : ''));
const prospects = useQuery({
  queryKey: computed(() => ['group', groupId.value, 'prospects', patchId.value, plants.value]),
  queryFn: () =>
    call(ROUTES.prospects, {
      params: { groupId: groupId.value!, patchId: patchId.value },
      query: { plants: plants.value },
    }),
  enabled: computed(() => groupId.value !== null),
});
const MOST_STAGES = 4;
const day = (iso: string | null): string => (iso ? words.value.format.day(iso, today.value) : '?');
/** The stand, with what the find said of how many there are and what others took of them. */
const keys = new Map<string, DraftKey>();
const partOf = (key: DraftKey, part: string): DraftKey => ({ ...key, id: derivedId(key.id, part) });
const put = useChange(async ({ plantKey, plantName }: Prospect) => {
  // Pressed again after a lost answer it is the same stand with the same entries.
  const key = keys.get(plantKey) ?? newKey();
  keys.set(plantKey, key);
  const standId = key.id;
  const stand = { id: standId, patchId: patchId.value, plantKey, where: '', since: null, restUntil: null };
  const find = patch.data.value?.finds.find((f) => f.body.mayBe.includes(plantKey));
  const at = { patchId: patchId.value, standId, day: find?.day ?? today.value };
  const entries = [
    ...(find?.body.eye
      ? [make({ kind: 'census', ...at, body: { method: 'eye', eye: find.body.eye } }, partOf(key, 'census'))]
      : []),
    ...(find?.body.lostShare
      ? [
          make(
            { kind: 'loss', ...at, body: { cause: 'other', share: find.body.lostShare, note: '' } },
            partOf(key, 'loss'),
          ),
        ]
      : []),
  ];
  const plant = words.value.text(plantName);
  const sent = await outbox.send(
    [{ route: 'newStand', body: stand }, ...(entries.length ? [{ route: 'sync' as const, body: { entries } }] : [])],
    { id: standId, label: words.value.t('outbox.stand', { plant }) },
  );
  if (sent.kind === 'refused') throw new Error(sent.message);
  undo.say(sent.kind === 'waiting' ? words.value.t('outbox.keptPlace') : `${plant}: ${words.value.t('prospect.isOn')}`);
});
</script>

<template>
  <StateNote
    v-if="prospects.isLoadingError.value"
    state="failed"
    :text="prospects.error.value?.message"
    @retry="prospects.refetch()" />
  <StateNote v-else-if="!prospects.data.value" state="loading" />
  <div v-else class="prospects">
    <h1>{{ words.t('prospect.title') }}</h1>
    <p v-if="!prospects.data.value.length" class="soft">{{ words.t('prospect.unknown') }}</p>
    <section v-for="p in prospects.data.value" :key="p.plantKey" class="section">
      <h2>{{ words.text(p.plantName) }}</h2>
      <p class="soft">
        {{ words.t('prospect.stages') }}:
        {{
          p.stages
            .slice(0, MOST_STAGES)
            .map((s) => `${words.text(s.name)} ${words.t('prospect.about', { day: day(s.day) })}`)
            .join(' · ')
        }}
      </p>
      <ul>
        <li v-for="(w, i) in p.windows" :key="i">
          <b>{{ words.text(w.partName) }}</b> <span class="soft">{{ w.use }}</span>
          {{ words.t('prospect.about', { day: day(w.opens.p50) }) }}
          <small class="soft">({{ day(w.opens.p10) }} – {{ day(w.opens.p90) }})</small>
        </li>
        <li v-if="!p.windows.length" class="soft">{{ words.t('stand.onlyKnown') }}</li>
      </ul>
      <GoButton v-if="p.standId" :to="{ name: 'stand', params: { standId: p.standId } }">
        {{ words.t('prospect.isOn') }}
      </GoButton>
      <Button v-else type="primary" :disabled="put.isPending.value" @click="put.mutate(p)">
        {{ words.t('prospect.putOn') }}
      </Button>
    </section>
    <p v-if="put.error.value" class="warn" role="alert">{{ put.error.value.message }}</p>
    <GoButton :to="{ name: 'walk' }">{{ words.t('prospect.back') }}</GoButton>
  </div>
</template>

<style scoped>
.prospects {
  max-width: 640px;
  margin: 0 auto;
  padding: 16px 18px 60px;
  font-size: 17px;
}
ul {
  padding: 0;
  list-style: none;
  margin: 6px 0 10px;
}
li {
  border-top: 1px solid var(--hair);
  padding: 6px 0;
}
.ant-btn {
  min-height: 54px;
  width: 100%;
}
</style>
