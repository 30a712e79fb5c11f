<script setup lang="ts">
import { Button, Dropdown, Menu, MenuDivider, MenuItem, MenuItemGroup } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { WantedLanguage } from '../platform/language-wanted.ts';
import { wantedLanguage } from '../platform/language.ts';
import { LIGHTS, wantedLight, type WantedLight } from '../platform/theme.ts';
import { useSession } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useLanguage, useLanguageOptions } from '../session/use-language.ts';
import { useWords } from '../session/words.ts';
import { useSignOut } from './use-sign-out.ts';

/** Who is in, for which group, in which light, and the way out. */
const emit = defineEmits<{ keys: [] }>();
const words = useWords();
const router = useRouter();
const session = useSession();
const signOut = useSignOut();
const speak = useLanguage();
const languages = useLanguageOptions();
const { group, choose } = useGroup();
const open = ref(false);
const groups = computed(() => session.data.value?.groups ?? []);
const picked = computed(() => [
  `light:${wantedLight.value}`,
  `language:${wantedLanguage.value}`,
  `group:${group.value?.id ?? ''}`,
]);
function act({ key }: { key: string | number }): void {
  const [what, which] = String(key).split(':');
  if (what === 'light') wantedLight.value = which as WantedLight;
  else if (what === 'language') void speak(which as WantedLanguage);
  else if (what === 'group') choose(which!);
  else if (what === 'keys') emit('keys');
  else if (what === 'help') void router.push({ name: 'help' });
  else void signOut();
  open.value = false;
}
</script>

<template>
  <Dropdown v-model:open="open" :trigger="['click']" placement="bottomRight">
    <Button type="text" class="who" :aria-expanded="open" aria-haspopup="menu">
      <span class="name">{{ session.data.value?.account?.name }}</span>
      <span v-if="group" class="role soft">{{ words.t(`role.${group.role}`) }}</span>
    </Button>
    <template #overlay>
      <Menu :selected-keys="picked" @click="act">
        <MenuItemGroup v-if="groups.length > 1" :title="words.t('nav.switchGroup')">
          <MenuItem v-for="g in groups" :key="`group:${g.id}`">{{ g.name }}</MenuItem>
        </MenuItemGroup>
        <MenuItemGroup :title="words.t('light.title')">
          <MenuItem v-for="l in LIGHTS" :key="`light:${l}`">{{ words.t(`light.${l}`) }}</MenuItem>
        </MenuItemGroup>
        <MenuItemGroup :title="words.t('language.title')">
          <MenuItem v-for="l in languages" :key="`language:${l.value}`">{{ l.label }}</MenuItem>
        </MenuItemGroup>
        <MenuDivider />
        <MenuItem key="help">{{ words.t('nav.help') }}</MenuItem>
        <MenuItem key="keys">{{ words.t('nav.keys') }}</MenuItem>
        <MenuItem key="out">{{ words.t('nav.signOut') }}</MenuItem>
      </Menu>
    </template>
  </Dropdown>
</template>

<style scoped>
.who {
  display: flex;
  gap: 6px;
  align-items: baseline;
  padding-inline: 8px;
  font-weight: 400;
}
.name {
  max-width: 130px;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 1240px) {
  .role {
    display: none;
  }
}
</style>
