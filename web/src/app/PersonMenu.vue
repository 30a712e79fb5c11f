<script setup lang="ts">
import { computed, ref } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { useEscape } from '../kit/use-escape.ts';
import { useEnter, useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { isNight, toggleNight } from '../platform/theme.ts';
import { useWords } from '../session/words.ts';

/** Who is in, for which group, and the way out. */
const emit = defineEmits<{ keys: [] }>();
const words = useWords();
const session = useSession();
const enter = useEnter();
const { group, choose } = useGroup();
const open = ref(false);
const groups = computed(() => session.data.value?.groups ?? []);
useEscape(() => (open.value = false));
async function signOut(): Promise<void> {
  await call(ROUTES.signOut);
  enter(await call(ROUTES.session));
}
</script>

<template>
  <div class="who">
    <button type="button" :aria-expanded="open" @click="open = !open">
      {{ session.data.value?.account?.name }} · {{ group ? words.t(`role.${group.role}`) : '' }}
    </button>
    <div v-if="open" class="menu" @click="open = false">
      <template v-if="groups.length > 1">
        <button v-for="g in groups" :key="g.id" type="button" @click="choose(g.id)">{{ g.name }}</button>
      </template>
      <button type="button" @click="toggleNight">{{ words.t(isNight ? 'nav.day' : 'nav.night') }}</button>
      <button type="button" @click="emit('keys')">{{ words.t('nav.keys') }}</button>
      <button type="button" @click="signOut">{{ words.t('nav.signOut') }}</button>
    </div>
  </div>
</template>

<style scoped>
.who > button {
  background: none;
  border: 0;
  color: var(--soft);
  padding: 4px 12px;
  font: inherit;
  cursor: pointer;
  min-height: 34px;
}
.who {
  position: relative;
}
.menu {
  position: absolute;
  right: 0;
  top: 100%;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 4px;
  min-width: 170px;
  z-index: 20;
  display: grid;
}
.menu button {
  background: none;
  border: 0;
  text-align: left;
  padding: 10px 16px;
  font: inherit;
  color: var(--char);
  cursor: pointer;
}
.menu button:hover {
  background: var(--band);
}
@media (max-width: 900px) {
  .who > button {
    min-height: 44px;
    padding-inline: 4px;
  }
}
</style>
