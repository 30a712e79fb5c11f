<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import PickOne from '../kit/PickOne.vue';
import SidePanel from '../kit/SidePanel.vue';
import { useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import LanguageChoice from './LanguageChoice.vue';
import LightChoice from './LightChoice.vue';
import { MORE_VIEWS } from './shortcuts.ts';
import { useSignOut } from './use-sign-out.ts';

/** On the phone: the views of other days, the light of this device, and the way out. */
const open = defineModel<boolean>('open', { required: true });
const words = useWords();
const session = useSession();
const signOut = useSignOut();
const { group, choose } = useGroup();
const groups = computed(() => session.data.value?.groups ?? []);
</script>

<template>
  <SidePanel v-model:open="open" side="bottom" :title="words.t('nav.more')">
    <nav :aria-label="words.t('nav.more')">
      <RouterLink v-for="v in MORE_VIEWS" :key="v" :to="{ name: v }" @click="open = false">{{
        words.t(`nav.${v}`)
      }}</RouterLink>
    </nav>
    <div v-if="groups.length > 1" class="row">
      <label for="more-group">{{ words.t('nav.switchGroup') }}</label>
      <PickOne
        id="more-group"
        :model-value="group?.id ?? null"
        :options="groups.map((g) => ({ value: g.id, label: g.name }))"
        @update:model-value="$event && choose($event)" />
    </div>
    <div class="row">
      <span>{{ words.t('light.title') }}</span><LightChoice />
    </div>
    <div class="row">
      <span>{{ words.t('language.title') }}</span><LanguageChoice class="language" />
    </div>
    <div class="row">
      <span
        >{{ session.data.value?.account?.name }}
        <span v-if="group" class="soft">{{ words.t(`role.${group.role}`) }}</span></span
      >
      <Button @click="signOut">{{ words.t('nav.signOut') }}</Button>
    </div>
  </SidePanel>
</template>

<style scoped>
nav {
  display: grid;
}
nav a {
  color: inherit;
  text-decoration: none;
  padding: 13px 0;
  font-size: 17px;
  border-bottom: 1px solid var(--hair);
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 60px;
  border-bottom: 1px solid var(--hair);
}
.language {
  width: 200px;
}
</style>
