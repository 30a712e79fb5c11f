<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { ROUTES, type EntryView, type StandView } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useDay } from '../session/use-day.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useEntries } from '../entries/use-entries.ts';
import { useStandProof } from './queries.ts';
import { Button, Space, Timeline, TimelineItem } from 'ant-design-vue';
import EntryCorrection from './EntryCorrection.vue';
import { fieldsOf } from './entry-correction.ts';
import { sayEntry } from './say-entry.ts';

const props = defineProps<{ stand: StandView }>();
const words = useWords();
const { groupId, isKeeper, mayPick } = useGroup();
const { today, day } = useDay();
const undo = useUndo();
const { withdraw } = useEntries();
const older = useInfiniteQuery({
  queryKey: computed(() => ['group', groupId.value, 'entries', props.stand.id]),
  queryFn: ({ pageParam }) =>
    call(ROUTES.standEntries, {
      params: { groupId: groupId.value!, standId: props.stand.id },
      query: { before: pageParam },
    }),
  initialPageParam: undefined as string | undefined,
  getNextPageParam: (page) => page.next ?? undefined,
});
const proof = useStandProof(
  groupId,
  computed(() => props.stand.id),
);
/** Whether the other sightings speak against this one. */
const doubtful = (e: EntryView): boolean =>
  e.kind === 'stageSighting' &&
  e.standing === 'valid' &&
  (proof.data.value?.doubtful.some((d) => d.stage === e.body.stage && [d.after, d.by].includes(e.day)) ?? false);
const FIRST = 12;
const all = ref(false);
const known = computed(() => older.data.value?.pages.flatMap((p) => p.entries) ?? props.stand.entries);
const byId = computed(() => new Map(known.value.map((e) => [e.id, e])));
/** What was corrected stands with its correction, not by itself. */
const folded = computed(
  () => new Set(known.value.flatMap((e) => (e.replaces !== null && e.kind !== 'withdrawal' ? [e.replaces] : []))),
);
const entries = computed(() =>
  known.value.filter(
    (e) => e.kind !== 'withdrawal' && e.kind !== 'visit' && e.day <= day.value && !folded.value.has(e.id),
  ),
);
/** What it was before each correction, newest first, with who corrected it when. */
function before(entry: EntryView): readonly string[] {
  const said: string[] = [];
  for (let e: EntryView | undefined = entry; e?.replaces;) {
    const old = byId.value.get(e.replaces);
    if (!old) break;
    const was = sayEntry(old, props.stand.profile, words.value);
    said.push(
      words.value.t('stand.was', {
        what: old.day === e.day ? was : `${words.value.format.day(old.day, today.value)}, ${was}`,
        day: words.value.format.day(e.madeAt.slice(0, 10), today.value),
        by: e.by,
      }),
    );
    e = old;
  }
  return said;
}
const correcting = ref<string | null>(null);
const mayChange = (e: EntryView): boolean => e.standing === 'valid' && mayPick.value && (e.mine || isKeeper.value);
const shown = computed(() => (all.value ? entries.value : entries.value.slice(0, FIRST)));
async function takeBack(entry: EntryView): Promise<void> {
  try {
    await withdraw(entry, today.value);
    undo.say(words.value.t('common.undone'));
  } catch (error) {
    undo.say((error as Error).message, null, true);
  }
}
function more(): void {
  if (all.value) void older.fetchNextPage();
  all.value = true;
}
</script>

<template>
  <p v-if="!entries.length" class="soft">{{ words.t('stand.empty') }}</p>
  <Timeline v-else>
    <TimelineItem
      v-for="e in shown"
      :key="e.id"
      :class="e.standing"
      :color="e.standing === 'valid' ? 'var(--moss)' : 'gray'">
      <p class="when">
        <b>{{ words.format.day(e.day, today) }}</b> <span class="soft">{{ e.by }}</span>
      </p>
      <p class="what">
        <span>{{ sayEntry(e, stand.profile, words) }}</span><b v-if="e.take?.verdict === 'over'" class="warn">
          · {{ words.t('stand.over') }}</b
        ><span v-if="e.take && e.take.leftAfter !== null" class="soft">
          · {{ words.t('stand.leftAfter', { left: words.amount(e.take.leftAfter, e.take.allowance.unit) }) }}</span
        ><b v-if="doubtful(e)" class="warn"> · {{ words.t('stand.doubtfulShort') }}</b
        ><i v-if="e.standing !== 'valid'" class="soft"> · {{ words.t(`stand.${e.standing}`) }}</i>
        <small v-for="(b, i) in before(e)" :key="i" class="soft was">{{ b }}</small>
      </p>
      <EntryCorrection v-if="correcting === e.id" :entry="e" :profile="stand.profile" @close="correcting = null" />
      <Space v-if="mayChange(e)" :size="0" class="no-print">
        <Button
          v-if="correcting !== e.id && fieldsOf(e, words, stand.profile).length"
          type="text"
          @click="correcting = e.id">
          {{ words.t('correct.title') }}
        </Button>
        <Button type="text" @click="takeBack(e)">{{ words.t('stand.undoEntry') }}</Button>
      </Space>
    </TimelineItem>
  </Timeline>
  <Button v-if="entries.length > shown.length || (all && older.hasNextPage.value)" type="link" @click="more">
    {{ words.t('stand.older') }}
  </Button>
</template>

<style scoped>
p {
  margin: 0;
}
.was {
  display: block;
}
.withdrawn .what > span:first-child {
  text-decoration: line-through;
  color: var(--soft);
}
</style>
