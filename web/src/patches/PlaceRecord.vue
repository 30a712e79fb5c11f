<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { PatchDetail } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import NotListed from '../plants/NotListed.vue';
import { usePlants } from '../plants/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { newKey } from '../entries/draft-key.ts';
import { useEntries } from '../entries/use-entries.ts';
import DataTable from '../kit/DataTable.vue';
import PickOne from '../kit/PickOne.vue';
import { sayFind } from '../kit/say-find.ts';

/** What was noted of a place itself: finds, what was looked for in vain, and contaminations that were lifted. */
const props = defineProps<{ patch: PatchDetail }>();
const words = useWords();
const undo = useUndo();
const { today } = useDay();
const { groupId, mayPick } = useGroup();
const plants = usePlants(groupId);
const { make, sendOne, withdraw } = useEntries();
let key = newKey();
const sought = ref<string | null>(null);
const failure = ref('');
const options = computed(() =>
  (plants.data.value ?? []).map((p) => ({ value: p.key, label: words.value.text(p.names) })),
);
const nameOf = (key: string): string => options.value.find((o) => o.value === key)?.label ?? key;
const findSaid = (find: PatchDetail['finds'][number]): string => sayFind(find, nameOf, words.value);
async function takeBackFind(id: string): Promise<void> {
  try {
    await withdraw({ id, patchId: props.patch.id, standId: null }, today.value);
    undo.say(words.value.t('common.undone'));
  } catch (error) {
    undo.say((error as Error).message, null, true);
  }
}
async function inVain(): Promise<void> {
  const plant = plants.data.value?.find((p) => p.key === sought.value);
  if (!plant) return;
  failure.value = '';
  const entry = make(
    {
      kind: 'search',
      patchId: props.patch.id,
      standId: null,
      day: today.value,
      body: {
        lookedFor: words.value.text(plant.names),
        plantKey: plant.key,
        found: false,
        stage: '',
        deadly: plant.severity === 'deadly',
      },
    },
    key,
  );
  try {
    await sendOne(entry, words.value.t('outbox.search'));
    key = newKey();
    sought.value = null;
    undo.say(words.value.t('common.stored'), () => withdraw(entry, today.value));
  } catch (error) {
    failure.value = (error as Error).message;
  }
}
</script>

<template>
  <section v-if="patch.finds.length" class="section">
    <h2>{{ words.t('walk.title') }}</h2>
    <DataTable
      bare
      :columns="[
        { key: 'day', title: '' },
        { key: 'what', title: '' },
        { key: 'act', title: '' },
      ]"
      :rows="patch.finds"
      :row-key="(f) => f.id"
      :label="words.t('walk.title')">
      <template #day="{ row: f }">
        {{ words.format.dayAndYear(f.day) }}<br /><span class="soft">{{ f.by }}</span>
      </template>
      <template #what="{ row: f }">
        {{ findSaid(f) }}<br /><RouterLink
          :to="{ name: 'prospects', params: { patchId: patch.id }, query: { plants: f.body.mayBe.join(',') } }"
          >{{ words.t('walk.later') }}</RouterLink
        >
        <NotListed v-if="f.body.unlisted" :name="f.body.unlisted" />
      </template>
      <template #act="{ row: f }">
        <Button v-if="mayPick" type="text" class="no-print" @click="takeBackFind(f.id)">{{
          words.t('stand.undoEntry')
        }}</Button>
      </template>
    </DataTable>
  </section>
  <section class="section">
    <h2>{{ words.t('vain.title') }}</h2>
    <p v-for="(v, i) in patch.inVain" :key="i">
      <b>{{ v.lookedFor }}</b> <span class="soft">{{ words.format.dayAndYear(v.day) }} · {{ v.by }}</span>
    </p>
    <div v-if="mayPick" class="row">
      <PickOne
        v-model="sought"
        :options="options"
        :label="words.t('vain.add')"
        :placeholder="words.t('patch.pickPlant')" />
      <Button :disabled="sought === null" @click="inVain">{{ words.t('vain.add') }}</Button>
    </div>
    <NotListed v-if="mayPick" />
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
  </section>
  <section v-if="patch.lifted.length" class="section">
    <p v-for="(l, i) in patch.lifted" :key="i" class="small">
      {{
        words.t('lift.lifted', {
          what: words.format.list(l.hazards.map((h) => words.t(`patch.hazard.${h}`))),
          day: words.format.dayAndYear(l.day),
          by: l.by,
          reason: l.reason,
        })
      }}
    </p>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
