<script setup lang="ts">
import { sayTaking } from '../entries/say-taking.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import GoButton from '../kit/GoButton.vue';
import { Button, Descriptions, DescriptionsItem } from 'ant-design-vue';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRoute } from 'vue-router';
import DataTable from '../kit/DataTable.vue';
import type { DataColumn } from '../kit/data-table.ts';
import StateNote from '../kit/StateNote.vue';
import { plantFileOf, type PlantProfile } from '@emberfield/contract';
import { useGroup } from '../session/use-group.ts';
import { spoken } from '../platform/language.ts';
import { useWords } from '../session/words.ts';
import PlantSigns from './PlantSigns.vue';
import { binomialOf, hasCaution, hasTwin, lookAlikesUnnamed, regionsByStatus } from '@emberfield/core/plants';
import { saveText } from '../platform/save-text.ts';
import { usePlant, usePlants } from './queries.ts';
import { sayCeiling, sayFigure, sayModel } from './say-model.ts';
import { useSavePlant } from './use-save-plant.ts';

// Charts are heavy: the words stand before they come.
const PlantYear = defineAsyncComponent(() => import('./PlantYear.vue'));
const words = useWords();
const route = useRoute();
const { groupId, isKeeper, mayPick } = useGroup();
const plant = usePlant(
  groupId,
  computed(() => String(route.params['plantKey'])),
);
const p = computed(() => plant.data.value?.profile);
const plants = usePlants(groupId);
const nameOf = (key: string): string => {
  const found = plants.data.value?.find((x) => x.key === key);
  return found ? words.value.text(found.names) : key;
};
const baseKey = computed(() => plant.data.value?.copiedFrom ?? null);
const model = usePlant(
  computed(() => (baseKey.value === null ? null : groupId.value)),
  computed(() => baseKey.value ?? ''),
);
const base = computed(() => (baseKey.value === null ? undefined : model.data.value?.profile));
/** How it does in the regions of the group. */
const status = computed(() => plants.data.value?.find((x) => x.key === p.value?.key)?.status ?? p.value!.status);
const isHere = (scientific: string): boolean =>
  plants.data.value?.find((x) => binomialOf(x.scientific) === binomialOf(scientific))?.here ?? true;
/** Its look-alikes, those that grow where the group gathers first. */
const twins = computed(() =>
  [...p.value!.lookAlikes].sort((a, b) => Number(isHere(b.scientific)) - Number(isHere(a.scientific))),
);
const grows = computed(() =>
  regionsByStatus(p.value!).map(([how, regions]) => {
    const where = words.value.format.list(regions.map((r) => words.value.t(`plants.region.${r}`)));
    return how === p.value!.status ? where : `${where} (${words.value.t(`plants.status.${how}`)})`;
  }),
);
const isOwn = computed(() => (plant.data.value?.revision ?? 0) > 0);
/** Whose warning it is, of a copy. */
const from = (inherited: boolean): string =>
  inherited && base.value ? words.value.t('ownPlant.cautionOf', { name: words.value.text(base.value.names) }) : '';
const origin = computed(() => {
  const { t } = words.value;
  if (!isOwn.value) return t('plants.shipped');
  return baseKey.value === null ? t('plants.own') : t('plants.copiedFrom', { name: nameOf(baseKey.value) });
});
const toFile = (): void =>
  saveText(`${p.value!.key}.json`, JSON.stringify(plantFileOf(plant.data.value!), null, 2), 'application/json');
const { remove } = useSavePlant();
const problem = ref('');
async function takeOff(): Promise<void> {
  try {
    await remove(plant.data.value!);
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
const deciding = (scientific: string): readonly string[] => {
  const other = plants.data.value?.find((x) => binomialOf(x.scientific) === binomialOf(scientific))?.key;
  const signs = other === undefined ? undefined : p.value!.decides?.[other];
  return signs?.map((s) => words.value.t(`sign.${s}`)) ?? [];
};
const day = (n: number): string =>
  words.value.format.day(new Date(Date.UTC(2025, 0, Math.round(n))).toISOString().slice(0, 10));
const sourceOf = (key: string): string =>
  key === 'estimate' ? words.value.t('common.estimate') : (plant.data.value?.sources[key] ?? key);
type Stage = PlantProfile['stages'][number];
const stageColumns = computed((): readonly DataColumn<Stage>[] => {
  const { t, text } = words.value;
  return [
    { key: 'bbch', title: 'BBCH', text: (x) => String(x.bbch), sort: (x) => x.bbch },
    { key: 'name', title: t('stand.stage'), text: (x) => text(x.name) },
    { key: 'usual', title: t('plants.usual'), sort: (x) => x.calendar.value },
    { key: 'model', title: t('plants.model'), text: (x) => sayModel(x, p.value!, words.value) },
    { key: 'source', title: t('common.source'), text: (x) => sourceOf(x.calendar.source) },
  ];
});
</script>

<template>
  <StateNote
    v-if="plant.isLoadingError.value"
    state="failed"
    :text="plant.error.value?.message"
    @retry="plant.refetch()" />
  <StateNote v-else-if="!p" state="loading" />
  <article v-else class="page">
    <header>
      <div>
        <h1>{{ words.text(p.names) }}</h1>
        <p class="soft">
          <i>{{ p.scientific }}</i> · {{ words.family(p.family) }} · {{ words.t(`plants.habit.${p.habit}`) }} ·
          {{ words.t(p.severity === 'none' ? `plants.status.${status}` : `identify.severity.${p.severity}`) }} ·
          {{ origin }}
        </p>
      </div>
      <div class="acts no-print">
        <GoButton v-if="mayPick && p.parts.length" type="primary" :to="{ name: 'newPatch', query: { plant: p.key } }">{{
          words.t('plants.addStand')
        }}</GoButton><GoButton v-if="isKeeper" :to="{ name: 'editPlant', params: { plantKey: p.key } }">{{
          words.t(isOwn ? 'plants.edit' : 'plants.copy')
        }}</GoButton>
        <Button @click="toFile">{{ words.t('ownPlant.saveFile') }}</Button>
        <Button v-if="isOwn && isKeeper" @click="takeOff">{{ words.t('ownPlant.remove') }}</Button>
      </div>
    </header>
    <p v-if="problem" class="warn" role="alert">{{ problem }}</p>
    <p v-if="lookAlikesUnnamed(p)" class="warn">{{ words.t('ownPlant.twinsLead') }}</p>
    <ul v-if="p.cautions.length" class="cautions">
      <li v-for="(c, i) in p.cautions" :key="i" :class="{ first: c.class === 'lookAlike' }">
        <CatalogueText :text="c.text" />
        <span v-if="base" class="soft small"> {{ from(hasCaution(base, c)) }}</span>
      </li>
    </ul>
    <p><CatalogueText :text="p.about" /></p>
    <p v-if="grows.length" class="soft small">
      {{ words.t('plants.growsIn') }}: {{ grows.join('; ')
      }}<template v-if="!isHere(p.scientific)"
        >. <b>{{ words.t('plants.elsewhere') }}</b></template
      >
    </p>
    <p v-if="p.about[spoken] === undefined" class="soft small">{{ words.t('common.otherLanguage') }}</p>
    <section class="section">
      <h2>
        {{ words.t('plants.yearOf') }}
        <span class="soft small">{{ words.t('plants.at', { place: words.text(p.reference.place) }) }}</span>
      </h2>
      <PlantYear :profile="p" />
    </section>
    <section v-if="p.lookAlikes.length" class="section">
      <h2>{{ words.t('plants.lookAlikes') }}</h2>
      <DataTable
        bare
        :columns="[
          { key: 'name', title: '' },
          { key: 'severity', title: '' },
          { key: 'by', title: '' },
        ]"
        :rows="twins"
        :row-key="(l) => l.scientific"
        :label="words.t('plants.lookAlikes')">
        <template #name="{ row: l }">
          <b>{{ words.text(l.name) }}</b><br /><i class="soft small">{{ l.scientific }}</i>
          <template v-if="!isHere(l.scientific)"
            ><br /><span class="soft small">{{ words.t('plants.elsewhere') }}</span></template
          >
          <template v-if="base"
            ><br /><span class="soft small">{{ from(hasTwin(base, l)) }}</span></template
          >
        </template>
        <template #by="{ row: l }">
          <CatalogueText :text="l.separatedBy" />
          <p v-if="deciding(l.scientific).length" class="soft small">
            {{ words.t('plants.decidedBy', { signs: deciding(l.scientific).join(' · ') }) }}
          </p>
        </template>
        <template #severity="{ row: l }"
          ><span :class="{ warn: l.severity === 'deadly' }">{{
            words.t(`stand.severity.${l.severity}`)
          }}</span></template
        >
      </DataTable>
    </section>
    <section v-if="p.signs.length" class="section">
      <h2>{{ words.t('plants.signs') }}</h2>
      <DataTable
        bare
        :columns="[
          { key: 'organ', title: '', text: (x) => words.t(`plants.organ.${x.organ}`) },
          { key: 'price', title: '', text: (x) => words.t(`plants.price.${x.price}`) },
          { key: 'text', title: '' },
        ]"
        :rows="p.signs"
        :row-key="(x) => x.organ + x.price + words.text(x.text)"
        :label="words.t('plants.signs')">
        <template #text="{ row: x }"><CatalogueText :text="x.text" /></template>
      </DataTable>
    </section>
    <PlantSigns :shows="p.shows" />
    <section v-if="p.substitutes.length" class="section">
      <h2>{{ words.t('plants.substitutes') }}</h2>
      <ul>
        <li v-for="x in p.substitutes" :key="x.plantKey">
          <RouterLink :to="{ name: 'plant', params: { plantKey: x.plantKey } }">{{ nameOf(x.plantKey) }}</RouterLink>:
          {{ words.text(x.purpose) }}
        </li>
      </ul>
    </section>
    <section v-if="p.parts.length" class="section">
      <h2>{{ words.t('plants.parts') }}</h2>
      <Descriptions :column="1" bordered size="small">
        <DescriptionsItem v-for="x in p.parts" :key="x.key">
          <template #label>
            <b>{{ words.text(x.name) }}</b><br /><span class="soft small">{{ words.text(x.use) }}</span
            ><br /><span class="small" :class="{ warn: x.eating !== 'raw' }">{{
              words.t(`plants.eating.${x.eating}`)
            }}</span>
          </template>
          <p><CatalogueText :text="x.method" /></p>
          <p class="soft small"><CatalogueText :text="x.effect" /></p>
          <p v-for="m in x.methods ?? []" :key="m.key" class="small">
            <b>{{ words.t(`take.method.${m.key}`) }}</b>: {{ sayTaking(m, words) }}
          </p>
          <p class="soft small">
            {{ words.t('plants.perPlant') }} {{ sayFigure(x.perPlant, words)
            }}<template v-if="x.massG"> · {{ words.t('plants.mass') }} {{ words.format.mass(x.massG.value) }}</template>
            · {{ sourceOf(x.perPlant.source) }}
          </p>
        </DescriptionsItem>
      </Descriptions>
      <p class="small">
        <b>{{ words.t('plants.limits') }}:</b> {{ p.ceilings.map((c) => sayCeiling(c, p!, words)).join(' · ') }}
      </p>
    </section>
    <section class="section">
      <h2>{{ words.t('plants.stages') }}</h2>
      <DataTable
        :columns="stageColumns"
        :rows="p.stages"
        :row-key="(x) => x.key"
        :label="words.t('plants.stages')"
        :file="words.text(p.names)">
        <template #usual="{ row: x }">
          {{ day(x.calendar.value) }}
          <span class="soft">({{ day(x.calendar.low) }} – {{ day(x.calendar.high) }})</span>
        </template>
      </DataTable>
    </section>
    <section class="section">
      <h2>{{ words.t('hearth.bring') }}</h2>
      <p>{{ words.text(p.bring) }}</p>
      <h2>{{ words.t('plants.keeping') }}</h2>
      <p><CatalogueText :text="p.keeping" /></p>
    </section>
    <section v-if="p.works.length" class="section">
      <h2>{{ words.t('plants.works') }}</h2>
      <ul class="small">
        <li v-for="w in p.works" :key="w">{{ sourceOf(w) }}</li>
      </ul>
    </section>
    <p class="soft small">{{ words.t('common.caution') }}</p>
  </article>
</template>

<style scoped>
header {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  align-items: flex-start;
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.cautions {
  list-style: none;
  padding: 0;
  margin: 10px 0 16px;
  border-left: 4px solid var(--ember);
  background: var(--band);
}
.cautions li {
  padding: 5px 14px;
}
.cautions .first {
  font-weight: 640;
  color: var(--ember-ink);
}
td p {
  margin: 0 0 2px;
}
@media (max-width: 900px) {
  .section {
    overflow-x: auto;
  }
}
</style>
