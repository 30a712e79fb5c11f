<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { WantView } from '@emberfield/contract';
import { useKept } from '../form/use-kept.ts';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import FoldUp from '../kit/FoldUp.vue';
import GoButton from '../kit/GoButton.vue';
import NumberField from '../kit/NumberField.vue';
import SidePanel from '../kit/SidePanel.vue';
import StateNote from '../kit/StateNote.vue';
import ReckoningNote from '../hearth/ReckoningNote.vue';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import { placeOf } from './say-season.ts';
import SeasonChart from './SeasonChart.vue';
import { useSeason } from './use-season.ts';
import { useWantChanges } from './use-wants.ts';
import WantCard from './WantCard.vue';
import WantForm from './WantForm.vue';
import { weekRows, type WeekRow } from './week-rows.ts';

/** What the year should bring, and the plan of where it comes from. */
const words = useWords();
const { mayPick } = useGroup();
const { asked, dayQuery } = useDay();
const { wants, hearth, hours, planned, heldBack, state, progress, stop, again } = useSeason();
const list = computed(() => wants.data.value ?? []);
const rows = computed(() => (planned.value ? weekRows(planned.value) : []));
const untimed = computed(() => planned.value?.laid.task.sources.filter((s) => s.minutesPerUnit === 0).length ?? 0);
const hoursGiven = computed(() => typeof hours.value === 'number' && hours.value > 0);
const columns = computed((): readonly DataColumn<WeekRow>[] => {
  const { t, format, text, amount } = words.value;
  return [
    { key: 'week', title: t('season.weekOf'), text: (r) => format.day(r.monday), sort: (r) => r.monday },
    {
      key: 'what',
      title: t('season.what'),
      text: (r) => `${text(r.at.stand.plantName)} · ${text(r.at.outlook.partName)}`,
    },
    { key: 'much', title: t('season.much'), text: (r) => amount(r.amount, r.at.outlook.allowance.unit), number: true },
    { key: 'place', title: t('season.place'), text: (r) => placeOf(r.at) },
    { key: 'for', title: t('season.forWhat'), text: (r) => r.want.terms.name },
  ];
});
const open = ref(false);
const edited = ref<WantView | null>(null);
function begin(want: WantView | null): void {
  edited.value = want;
  open.value = true;
}
const last = computed(() => Math.max(0, ...list.value.map((w) => w.terms.place)) + 1);
const changes = useWantChanges();
const { save, remove } = changes;
const kept = useKept(changes);
const takeOff = (want: WantView): Promise<void> =>
  kept.takeOff(want, words.value.t('season.removed', { name: want.terms.name }));
/** Before the one that it stands behind. */
async function moveUp(i: number): Promise<void> {
  const [{ id, terms }, above, further] = [list.value[i]!, list.value[i - 1]!, list.value[i - 2]];
  const place = further ? (further.terms.place + above.terms.place) / 2 : above.terms.place - 1;
  await save.mutateAsync({ id, body: { ...terms, place } });
}
const failure = computed(() => save.error.value ?? remove.error.value);
</script>

<template>
  <StateNote
    v-if="wants.isLoadingError.value || hearth.isLoadingError.value"
    state="failed"
    :text="(wants.error.value ?? hearth.error.value)?.message"
    @retry="
      wants.refetch();
      hearth.refetch();
    " />
  <StateNote v-else-if="!wants.data.value || !hearth.data.value" state="loading" />
  <div v-else class="page season">
    <h1>{{ words.t('season.title') }}</h1>
    <p class="soft">{{ words.t('season.lead') }}</p>
    <ReckoningNote
      v-if="hearth.data.value.waiting"
      :stands="hearth.data.value.standCount"
      :waiting="hearth.data.value.waiting" />
    <StateNote
      v-if="!list.length"
      state="empty"
      :title="words.t('season.none')"
      :text="words.t(mayPick ? 'season.noneText' : 'season.nonePick')" />
    <div class="bar no-print">
      <Button v-if="mayPick" type="primary" @click="begin(null)">{{ words.t('season.add') }}</Button>
      <GoButton :to="{ name: 'wants', query: dayQuery }">{{ words.t('season.today') }}</GoButton>
      <label v-if="list.length" class="hours"
        >{{ words.t('season.hours') }}
        <NumberField v-model="hours" :label="words.t('season.hours')" />
        <small class="soft">{{ words.t('season.hoursText') }}</small>
      </label>
    </div>
    <p v-if="failure" class="warn" role="alert">{{ failure.message }}</p>
    <p v-if="hoursGiven && untimed && planned" class="small soft">
      {{ words.t('season.untimed', { n: untimed, of: planned.laid.task.sources.length }) }}
    </p>
    <p v-if="list.length" class="going no-print" role="status">
      <template v-if="state === 'planning'">{{ words.t('season.planning') }}</template>
      <template v-else-if="state === 'asking'">{{
        progress ? words.t('season.asking', progress) : words.t('season.askingFirst')
      }}</template>
      <template v-else-if="state === 'stopped'">{{ words.t('season.stopped') }}</template>
      <span v-else-if="state === 'failed'" class="warn">{{ words.t('season.failed') }}</span>
      <Button v-if="state === 'planning' || state === 'asking'" size="small" @click="stop">{{
        words.t('season.stop')
      }}</Button>
      <Button v-else-if="state === 'stopped' || state === 'failed'" size="small" @click="again">{{
        words.t('season.again')
      }}</Button>
    </p>
    <WantCard
      v-for="(want, i) in list"
      :key="want.id"
      :want="want"
      :planned="planned"
      :held-back="heldBack"
      :edits="mayPick && !asked"
      :first="i === 0"
      @change="begin(want)"
      @remove="takeOff(want)"
      @up="moveUp(i)" />
    <template v-if="planned && list.length">
      <SeasonChart v-if="rows.length" :planned="planned" />
      <FoldUp v-if="rows.length" :title="words.t('season.byWeek')">
        <DataTable
          :columns="columns"
          :rows="rows"
          :row-key="(r) => r.key"
          :label="words.t('season.byWeek')"
          :file="words.t('season.file')" />
      </FoldUp>
      <p class="soft small">{{ words.t('season.basis') }}</p>
    </template>
    <SidePanel v-model:open="open" :title="words.t(edited ? 'season.edit' : 'season.add')">
      <WantForm v-if="open" :key="edited?.id ?? ''" :want="edited" :place="last" @stored="open = false" />
    </SidePanel>
  </div>
</template>

<style scoped>
.season {
  max-width: 820px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: start;
  margin: 12px 0;
}
.hours {
  flex: 1 1 220px;
  max-width: 300px;
}
.hours small {
  display: block;
}
.going:empty {
  display: none;
}
</style>
