<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { CALENDAR_KINDS, NOTICE_KINDS, ROUTES, type CalendarKind, type Notice } from '@emberfield/contract';
import CopyField from '../kit/CopyField.vue';
import ToggleChips from '../kit/ToggleChips.vue';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { useFeed } from './queries.ts';
import { useNoticeWishes } from './use-notices.ts';

const words = useWords();
const undo = useUndo();
const { groupId, group } = useGroup();
const feed = useFeed(groupId);
const known = computed(() => feed.data.value?.feed ?? null);
const kinds = ref<readonly CalendarKind[]>(CALENDAR_KINDS);
watch(known, (k) => k && (kinds.value = k.kinds), { immediate: true });
const kindChoices = computed(() =>
  CALENDAR_KINDS.map((value) => ({ value, label: words.value.t(`calendar.kinds.${value}`) })),
);
const toggled = <T,>(list: readonly T[], value: T): readonly T[] =>
  list.includes(value) ? list.filter((k) => k !== value) : [...list, value];
const address = ref<string | null>(null);
const params = computed(() => ({ groupId: groupId.value! }));
const making = useChange(() =>
  call(ROUTES.makeCalendarFeed, { params: params.value, body: { kinds: [...kinds.value] } }),
);
const ending = useChange(() => call(ROUTES.endCalendarFeed, { params: params.value }));
async function make(): Promise<void> {
  const made = await making.mutateAsync(undefined).catch(() => null);
  if (made) address.value = `${location.origin}${made.path}`;
}
async function end(): Promise<void> {
  await ending.mutateAsync(undefined).then(
    () => {
      address.value = null;
      undo.say(words.value.t('calendar.ended'));
    },
    () => undefined,
  );
}
const when = (iso: string): string => words.value.format.instant(iso, group.value?.zone ?? 'UTC');

const wishes = useNoticeWishes();
const noticeChoices = computed(() =>
  NOTICE_KINDS.map((value) => ({ value, label: words.value.t(`notice.kinds.${value}`) })),
);
const toggleNotice = (kind: Notice['kind']): void =>
  void (wishes.value = { ...wishes.value, kinds: toggled(wishes.value.kinds, kind) });
const hasNotices = typeof Notification !== 'undefined';
const permission = ref(hasNotices ? Notification.permission : 'denied');
async function toggleBrowser(): Promise<void> {
  const on = !wishes.value.browser;
  if (on && permission.value === 'default') permission.value = await Notification.requestPermission();
  wishes.value = { ...wishes.value, browser: on && permission.value === 'granted' };
}
</script>

<template>
  <section id="calendar" class="section">
    <h2>{{ words.t('calendar.title') }}</h2>
    <p class="soft">{{ words.t('calendar.lead') }}</p>
    <ToggleChips
      :options="kindChoices"
      :chosen="kinds"
      :label="words.t('calendar.kindsLabel')"
      @toggle="kinds = toggled(kinds, $event)" />
    <p v-if="known" class="soft small made">
      {{ words.t('calendar.have', { made: when(known.madeAt) }) }}
      {{
        known.lastReadAt
          ? words.t('calendar.lastRead', { when: when(known.lastReadAt) })
          : words.t('calendar.neverRead')
      }}
    </p>
    <div v-if="address" class="address">
      <p>{{ words.t('calendar.once') }}</p>
      <CopyField :text="address" :label="words.t('calendar.address')" />
    </div>
    <p v-if="making.error.value" class="warn" role="alert">{{ making.error.value.message }}</p>
    <div class="acts">
      <Button :disabled="making.isPending.value || !kinds.length" @click="make">
        {{ words.t(known ? 'calendar.renew' : 'calendar.make') }}
      </Button>
      <Button v-if="known" type="link" @click="end">{{ words.t('calendar.end') }}</Button>
    </div>
    <h3>{{ words.t('notice.kindsLabel') }}</h3>
    <ToggleChips
      :options="noticeChoices"
      :chosen="wishes.kinds"
      :label="words.t('notice.kindsLabel')"
      @toggle="toggleNotice" />
    <Checkbox
      class="browser"
      :checked="wishes.browser && permission === 'granted'"
      :disabled="permission === 'denied'"
      @change="toggleBrowser"
      >{{ words.t('notice.browser') }}</Checkbox
    >
    <p v-if="permission === 'denied'" class="soft small">
      {{ words.t(hasNotices ? 'notice.browserDenied' : 'notice.browserNone') }}
    </p>
    <p class="soft small">{{ words.t('notice.device') }}</p>
  </section>
</template>

<style scoped>
.made {
  margin-top: 8px;
}
.address {
  margin: 10px 0;
  padding: 10px 12px;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 4px;
}
.acts {
  display: flex;
  gap: 8px;
  margin: 10px 0 16px;
}
h3 {
  margin-bottom: 8px;
}
.browser {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 12px 0 4px;
  min-height: 32px;
}
</style>
