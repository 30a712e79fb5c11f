<script setup lang="ts">
import { computed } from 'vue';
import { isPoison } from '@emberfield/core/identity';
import AllowanceSum from '../kit/AllowanceSum.vue';
import CoalMark from '../kit/CoalMark.vue';
import GoButton from '../kit/GoButton.vue';
import ReasonText from '../kit/ReasonText.vue';
import { useGroup } from '../session/use-group.ts';
import { usePlant } from '../plants/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useStand } from '../stands/queries.ts';
import { useWindowReasons } from '../stands/use-window-reasons.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import { useWords } from '../session/words.ts';
import { plannedAt } from '../session/planned.ts';
import type { HearthRow } from './sections.ts';

const props = defineProps<{ row: HearthRow; day: string }>();
const words = useWords();
const { groupId, mayPick } = useGroup();
const { asked, dayQuery } = useDay();
const plant = usePlant(
  groupId,
  computed(() => props.row.stand.plantKey),
);
const o = computed(() => props.row.outlook);
const stand = useStand(
  groupId,
  computed(() => props.row.stand.id),
  asked,
);
const known = computed(() => (stand.isPlaceholderData.value ? undefined : stand.data.value));
const reasons = useWindowReasons({
  standId: computed(() => props.row.stand.id),
  stand: known,
  stationName: computed(() => props.row.stand.stationName),
  outlook: o,
  day: computed(() => props.day),
});
/** With all its ceilings once the stand has been read; until then with the one that binds. */
const allowance = computed(
  () =>
    known.value?.outlooks.find((x) => x.part === o.value.part && x.use === o.value.use)?.allowance ?? o.value.allowance,
);
const planned = computed(() => plannedAt(props.row.stand.id, o.value.part));
const where = computed(() => [props.row.stand.patchName, props.row.stand.where].filter(Boolean).join(', '));
const dangerous = computed(() => (plant.data.value?.profile.lookAlikes ?? []).filter((l) => isPoison(l.severity)));
const signs = computed(() => plant.data.value?.profile.signs.slice(0, 3) ?? []);
const spec = computed(() =>
  plant.data.value?.profile.windows.find((w) => w.part === o.value.part && w.use === o.value.use),
);
</script>

<template>
  <div class="title">
    <CoalMark :readiness="o.readiness" :thorns="o.thorns" :size="44" :label="words.coal(o.readiness, o.thorns)" />
    <div>
      <h2>{{ words.text(row.stand.plantName) }} · {{ words.text(o.partName) }}</h2>
      <span class="soft">{{ where }}</span>
    </div>
  </div>
  <section class="section">
    <h3 class="much">{{ words.allowance(o.allowance) }}</h3>
    <p class="soft small">{{ words.t('allowance.heldBy', { what: words.heldBy(o.allowance) }) }}</p>
    <p v-for="p in planned" :key="p.name">
      {{ words.t('season.onHearth', { amount: words.amount(p.amount, o.allowance.unit), name: p.name }) }}
      <RouterLink class="no-print" :to="{ name: 'season' }">{{ words.t('nav.season') }}</RouterLink>
    </p>
    <AllowanceSum :allowance="allowance" />
    <p class="small soft">
      {{
        o.allowance.plantsCounted === null
          ? words.t('allowance.withoutCount')
          : words.t(
              o.allowance.plantsStanding === o.allowance.plantsCounted ? 'allowance.onCount' : 'allowance.onCountLess',
              {
                plants: words.t('plantCount', { n: o.allowance.plantsCounted }),
                standing: o.allowance.plantsStanding ?? 0,
              },
            )
      }}
    </p>
  </section>
  <section class="section">
    <h3>{{ words.t('hearth.whyNow') }}</h3>
    <ReasonText :reasons="reasons">{{ words.window(o, day) }}</ReasonText>
    <p v-for="note in words.windowNotes(o, day)" :key="note" class="small">{{ note }}</p>
    <p v-if="spec?.sizeLimit" class="small">{{ words.text(spec.sizeLimit) }}</p>
  </section>
  <section class="section">
    <h3>{{ words.t('hearth.isIt') }}</h3>
    <p v-if="o.thorns && dangerous.length" class="warn">
      {{ words.t('hearth.notRuledOut', { names: words.format.list(dangerous.map((l) => words.text(l.name))) }) }}
    </p>
    <ul class="checks small">
      <li v-for="(s, i) in signs" :key="i"><CatalogueText :text="s.text" /></li>
      <li v-for="l in dangerous" :key="l.scientific">
        <b>{{ words.text(l.name) }}</b>: {{ words.text(l.separatedBy) }}
      </li>
    </ul>
  </section>
  <section v-if="plant.data.value" class="section">
    <h3>{{ words.t('hearth.bring') }}</h3>
    <p class="small">{{ words.text(plant.data.value.profile.bring) }}</p>
  </section>
  <div class="acts no-print">
    <template v-if="mayPick">
      <GoButton
        type="primary"
        size="large"
        :to="{ name: 'take', params: { standId: row.stand.id }, query: { ...dayQuery, part: o.part } }"
        >{{ words.t('hearth.logTake') }} <kbd>k</kbd></GoButton
      >
      <GoButton size="large" :to="{ name: 'visit', params: { standId: row.stand.id }, query: dayQuery }"
        >{{ words.t('hearth.logVisit') }} <kbd>v</kbd></GoButton
      >
    </template>
    <GoButton size="large" :to="{ name: 'stand', params: { standId: row.stand.id }, query: dayQuery }">{{
      words.t('hearth.open')
    }}</GoButton>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
}
.title h2 {
  font-size: 24px;
}
h3 {
  margin-bottom: 3px;
}
.much {
  font-size: 22px;
}
.checks {
  padding-left: 18px;
  margin: 0;
}
.checks li {
  margin: 3px 0;
}
.acts {
  position: sticky;
  bottom: 0;
  padding: 10px 0;
  background: var(--sheet);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
p {
  margin: 0 0 3px;
}
</style>
