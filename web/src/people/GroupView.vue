<script setup lang="ts">
import { TabPane, Tabs } from 'ant-design-vue';
import { computed, defineAsyncComponent } from 'vue';
import CalendarSection from '../calendar/CalendarSection.vue';
import { useGroup } from '../session/use-group.ts';
import { useQueryTab } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import ReactsSection from '../tastes/ReactsSection.vue';
import AccountSection from './AccountSection.vue';
import ArchiveSection from './ArchiveSection.vue';
import ClearanceSection from './ClearanceSection.vue';
import { groupTabs, type GroupTab } from './group-tabs.ts';
import PermitsSection from './PermitsSection.vue';
import PeopleSection from './PeopleSection.vue';
import RulesSection from './RulesSection.vue';
import OutboxFile from '../offline/OutboxFile.vue';
import SessionsSection from './SessionsSection.vue';
import SettingsSection from './SettingsSection.vue';
import SoughtSection from './SoughtSection.vue';

const ActivityList = defineAsyncComponent(() => import('./ActivityList.vue'));

/** The group by what one comes for: its people, its rules, what it is told, what was done, what it is, and one's own account. */
const words = useWords();
const { group, isKeeper } = useGroup();
const shown = computed(() => groupTabs(isKeeper.value));
const tab = useQueryTab<GroupTab>(() => shown.value);
</script>

<template>
  <div class="page narrow">
    <h1>{{ group?.name ?? words.t('group.title') }}</h1>
    <Tabs v-model:active-key="tab" :tab-bar-gutter="22">
      <TabPane v-for="t in shown" :key="t" :tab="words.t(`group.tab.${t}`)">
        <template v-if="t === 'people'"><PeopleSection /><ClearanceSection /></template>
        <template v-else-if="t === 'rules'"><RulesSection /><PermitsSection /><SoughtSection /></template>
        <CalendarSection v-else-if="t === 'calendar'" />
        <ActivityList v-else-if="t === 'activity'" />
        <template v-else-if="t === 'group'"><SettingsSection /><ArchiveSection /></template>
        <template v-else
          ><ReactsSection /><AccountSection /><SessionsSection />
          <section class="section">
            <h2>{{ words.t('outbox.title') }}</h2>
            <p class="soft">{{ words.t('outbox.lead') }}</p>
            <OutboxFile /></section
        ></template>
      </TabPane>
    </Tabs>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 900px;
}
</style>
