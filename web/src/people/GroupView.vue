<script setup lang="ts">
import CalendarSection from '../calendar/CalendarSection.vue';
import { useWords } from '../session/words.ts';
import AccountSection from './AccountSection.vue';
import ClearanceSection from './ClearanceSection.vue';
import PeopleSection from './PeopleSection.vue';
import RulesSection from './RulesSection.vue';
import SettingsSection from './SettingsSection.vue';
import SoughtSection from './SoughtSection.vue';
import { useGroup } from '../session/use-group.ts';

const words = useWords();
const { group, isKeeper } = useGroup();
</script>

<template>
  <div class="page">
    <h1>{{ group?.name ?? words.t('group.title') }}</h1>
    <div class="halves">
      <div><RulesSection /><SoughtSection /></div>
      <div>
        <PeopleSection /><ClearanceSection /><CalendarSection /><SettingsSection /><AccountSection />
        <p v-if="isKeeper">
          <RouterLink :to="{ name: 'activity' }">{{ words.t('activity.link') }}</RouterLink>
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 48px;
  margin-top: 14px;
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: 1fr;
  }
}
</style>
