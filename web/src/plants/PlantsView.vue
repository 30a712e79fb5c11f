<script setup lang="ts">
import { Input } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { computed } from 'vue';
import { plainLetters } from '@emberfield/words';
import { useGroup } from '../session/use-group.ts';
import PickOne from '../kit/PickOne.vue';
import StateNote from '../kit/StateNote.vue';
import { spoken } from '../platform/language.ts';
import { useQueryChoice, useQueryText } from '../session/use-query.ts';
import { useWords } from '../session/words.ts';
import NotListed from './NotListed.vue';
import { usePlants } from './queries.ts';

const words = useWords();
const { groupId, isKeeper } = useGroup();
const plants = usePlants(groupId);
const text = useQueryText();
const kind = useQueryChoice('kind');
const place = useQueryChoice('place');
const shown = computed(() => {
  const t = plainLetters(text.value.trim());
  return (plants.data.value ?? []).filter(
    (p) =>
      (place.value === null || p.here === (place.value === 'here')) &&
      (kind.value === null || p.parts.length > 0 === (kind.value === 'gathered')) &&
      [...Object.values(p.names), p.scientific, words.value.family(p.family)].some((n) => plainLetters(n).includes(t)),
  );
});
/** In the order of the names as they are read; what grows where the group gathers first. */
const lists = computed(() => {
  const inOrder = [...shown.value].sort((a, b) =>
    words.value.text(a.names).localeCompare(words.value.text(b.names), spoken.value),
  );
  return [true, false]
    .map((here) => ({ here, plants: inOrder.filter((p) => p.here === here) }))
    .filter((l) => l.plants.length > 0);
});
const anyElsewhere = computed(() => (plants.data.value ?? []).some((p) => !p.here));
const places = computed(() =>
  (['here', 'elsewhere'] as const).map((p) => ({ value: p, label: words.value.t(`plants.place.${p}`) })),
);
const kinds = computed(() =>
  (['gathered', 'known'] as const).map((k) => ({ value: k, label: words.value.t(`plants.kind.${k}`) })),
);
const own = computed(() => (plants.data.value ?? []).filter((p) => p.own).length);
</script>

<template>
  <div class="page">
    <header>
      <h1>{{ words.t('plants.title') }}</h1>
      <span v-if="plants.data.value" class="soft lead">{{
        words.t('plants.lead', { n: plants.data.value.length, own })
      }}</span><GoButton class="identify" :to="{ name: 'identify' }">{{ words.t('identify.title') }}</GoButton>
      <GoButton :to="{ name: 'practice' }">{{ words.t('nav.practice') }}</GoButton>
      <Input
        v-model:value="text"
        type="search"
        :placeholder="words.t('plants.search')"
        :aria-label="words.t('plants.search')" />
      <PickOne
        v-model="kind"
        optional
        class="kind"
        :label="words.t('plants.kinds')"
        :placeholder="words.t('plants.kinds')"
        :options="kinds" />
      <PickOne
        v-if="anyElsewhere"
        v-model="place"
        optional
        class="kind"
        :label="words.t('plants.places')"
        :placeholder="words.t('plants.places')"
        :options="places" />
    </header>
    <div v-if="plants.data.value" class="ways">
      <NotListed :name="shown.length ? '' : text.trim()" />
      <p v-if="isKeeper" class="small">
        <RouterLink :to="{ name: 'readPlant' }">{{ words.t('ownPlant.readFile') }}</RouterLink>
      </p>
    </div>
    <StateNote
      v-if="plants.isLoadingError.value"
      state="failed"
      :text="plants.error.value?.message"
      @retry="plants.refetch()" />
    <StateNote v-else-if="!plants.data.value" state="loading" />
    <p v-else-if="!shown.length" class="soft">{{ words.t('plants.none') }}</p>
    <template v-for="l in lists" v-else :key="String(l.here)">
      <h2 v-if="!l.here">{{ words.t('plants.elsewhere') }} · {{ l.plants.length }}</h2>
      <ul class="rows">
        <li v-for="p in l.plants" :key="p.key">
          <RouterLink :to="{ name: 'plant', params: { plantKey: p.key } }">
            <span
              ><b class="serif">{{ words.text(p.names) }}</b
              ><small
                ><i>{{ p.scientific }}</i> · {{ words.family(p.family) }}</small
              ></span
            >
            <span
              >{{ p.parts.map((x) => words.text(x.name)).join(' · ')
              }}<small
                >{{ words.t(`plants.habit.${p.habit}`) }} · {{ words.t(`plants.status.${p.status}`)
                }}{{ p.own ? ` · ${words.t('plants.own')}` : '' }}</small
              ></span
            >
            <span v-if="p.severity !== 'none'" :class="p.severity === 'nuisance' ? 'soft' : 'warn'">{{
              words.t(`identify.severity.${p.severity}`)
            }}</span>
            <span v-else :class="p.deadlyLookAlikes ? 'warn' : 'soft'">{{
              p.deadlyLookAlikes ? words.t('plants.deadly', { n: p.deadlyLookAlikes }) : ''
            }}</span>
          </RouterLink>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
h2 {
  margin: 22px 0 6px;
}
header {
  display: flex;
  gap: 6px 16px;
  align-items: baseline;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.ant-input {
  flex: 1 1 240px;
  max-width: 360px;
}
.kind {
  flex: 0 1 240px;
}
.identify {
  margin-left: auto;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
  margin-bottom: 6px;
}
.ways p {
  margin: 0;
}
li a {
  display: grid;
  grid-template-columns: 1fr 1.4fr 190px;
  gap: 0 20px;
  padding: 9px 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
  align-items: center;
}
li a:hover {
  background: var(--sheet);
}
b {
  font-size: 18px;
  font-weight: 560;
}
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
@media (max-width: 900px) {
  li a {
    grid-template-columns: 1fr;
    min-height: 60px;
  }
  header {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 4px 8px;
    align-items: center;
    margin: -8px 0 4px;
  }
  .lead {
    display: none;
  }
  .identify {
    height: auto;
    min-height: 44px;
    white-space: normal;
  }
  .ant-input {
    max-width: none;
  }
}
</style>
