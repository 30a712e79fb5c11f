<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useBrowserNotices } from '../calendar/use-notices.ts';
import { useRibbon } from '../hearth/queries.ts';
import SeasonRibbon from '../kit/SeasonRibbon.vue';
import { useGroup } from '../session/use-group.ts';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import OutboxBar from '../offline/OutboxBar.vue';
import FindBox from './FindBox.vue';
import KeyList from './KeyList.vue';
import PersonMenu from './PersonMenu.vue';
import { underlined, VIEWS } from './shortcuts.ts';
import { useShortcuts } from './use-shortcuts.ts';

const words = useWords();
const route = useRoute();
const { groupId, group } = useGroup();
const { day, today, asked, lookingAway, lookAt } = useDay();
useBrowserNotices();
const ribbon = useRibbon(groupId, asked);
const finding = ref(false);
const listing = ref(false);
useShortcuts({ openFind: () => (finding.value = true), openList: () => (listing.value = true) });
const links = computed(() => VIEWS.map((v) => ({ ...v, pieces: underlined(words.value.t(`nav.${v.name}`), v.key) })));
const dayQuery = computed(() => (asked.value ? { day: asked.value } : {}));
// In the field a form fills the screen; the year's strip would only be in the way of the thumb.
const bare = computed(() => ['take', 'visit', 'walk', 'find', 'prospects'].includes(String(route.name)));
</script>

<template>
  <a class="skip" href="#content">{{ words.t('common.skip') }}</a>
  <header class="shell" :class="{ bare }">
    <div class="top">
      <RouterLink class="word" :to="{ name: 'hearth', query: dayQuery }">Emberfield</RouterLink>
      <SeasonRibbon :ribbon="ribbon.data.value" :day="day" :today="today" @look="lookAt" />
    </div>
    <nav :aria-label="words.t('common.emberfield')">
      <RouterLink v-for="l in links" :key="l.name" :to="{ name: l.name, query: dayQuery }"
        >{{ l.pieces[0] }}<u>{{ l.pieces[1] }}</u
        >{{ l.pieces[2] }}</RouterLink
      >
      <span class="day">{{ words.format.weekday(day) }}</span>
      <button type="button" class="find" @click="finding = true">
        <kbd>/</kbd> <span>{{ words.t('nav.find') }}</span>
      </button>
      <PersonMenu @keys="listing = true" />
    </nav>
  </header>
  <div v-if="lookingAway" class="away" role="status">
    {{ words.t('day.lookingAt', { day: words.format.day(day, today) }) }} ·
    {{ words.t(day > today ? 'day.ahead' : 'day.behind') }} ·
    <button type="button" @click="lookAt(null)">{{ words.t('day.backToToday') }}</button>
  </div>
  <div v-else-if="group?.dayIsSet && !bare" class="away demo">
    {{ words.t('day.demoDay', { day: words.format.dayAndYear(today) }) }}
  </div>
  <OutboxBar />
  <main id="content" tabindex="-1"><slot /></main>
  <FindBox v-if="finding" @close="finding = false" />
  <KeyList v-if="listing" @close="listing = false" />
</template>

<style scoped>
.shell {
  border-bottom: 1px solid var(--hair);
  background: var(--paper);
}
.top {
  display: flex;
  align-items: flex-end;
  gap: 22px;
  padding: 10px 24px 0;
}
.word {
  font: 600 25px/1 var(--serif);
  width: 148px;
  padding-bottom: 16px;
  color: var(--char);
  text-decoration: none;
  flex: none;
}
nav {
  display: flex;
  align-items: center;
  gap: 20px;
  padding: 8px 24px 9px 194px;
  flex-wrap: wrap;
}
nav > a {
  color: var(--soft);
  text-decoration: none;
  padding: 4px 0;
}
nav > a.router-link-active {
  color: var(--char);
  font-weight: 650;
  box-shadow: 0 2px 0 var(--ember);
}
u {
  text-decoration-color: var(--edge);
  text-underline-offset: 3px;
}
.day {
  margin-left: auto;
  font: 500 16px var(--serif);
}
.find {
  background: var(--sheet);
  border: 1px solid var(--hair);
  border-radius: 3px;
  color: var(--soft);
  padding: 4px 12px;
  font: inherit;
  cursor: pointer;
  min-height: 34px;
}
.away {
  background: var(--char);
  color: var(--paper);
  padding: 7px 24px 7px 194px;
}
.away button {
  background: none;
  border: 0;
  border-bottom: 1px solid;
  color: inherit;
  font: inherit;
  cursor: pointer;
  padding: 0;
}
.away.demo {
  background: var(--band);
  color: var(--soft);
  padding-block: 4px;
  font-size: 14px;
  border-bottom: 1px solid var(--hair);
}
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  background: var(--sheet);
  padding: 8px 14px;
  z-index: 50;
}
main:focus {
  outline: none;
}
@media (max-width: 900px) {
  .top {
    display: block;
    padding: 8px 12px 0;
  }
  .word {
    display: block;
    font-size: 20px;
    padding-bottom: 6px;
  }
  nav {
    padding: 4px 12px;
    gap: 4px 16px;
  }
  nav > a {
    padding: 12px 0;
  }
  .away {
    padding-inline: 16px;
  }
  .day {
    order: 5;
    margin: 0;
    font-size: 15px;
  }
  .find span {
    display: none;
  }
  .find {
    margin-left: auto;
    min-height: 44px;
    min-width: 44px;
  }
  .bare {
    display: none;
  }
}
</style>
