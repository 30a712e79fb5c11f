<script setup lang="ts">
import { Button } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { computed } from 'vue';
import type { PartOutlook, StandView } from '@emberfield/contract';
import AllowanceSum from '../kit/AllowanceSum.vue';
import CoalMark from '../kit/CoalMark.vue';
import ReasonText from '../kit/ReasonText.vue';
import { useGroup } from '../session/use-group.ts';
import { usePlants } from '../plants/queries.ts';
import { useWords } from '../session/words.ts';
import StandHolds from './StandHolds.vue';
import StandWish from './StandWish.vue';
import { useWindowReasons } from './use-window-reasons.ts';

/** When and how much of the part chosen, and what holds back. */
const props = defineProps<{ stand: StandView; outlooks: readonly PartOutlook[]; day: string }>();
const chosen = defineModel<number>({ required: true });
/** The part that is shown is to stay, wherever it comes to stand among the others. */
const emit = defineEmits<{ stay: [] }>();
const words = useWords();
const { groupId, mayPick } = useGroup();
const main = computed(() => props.outlooks[chosen.value]!);
/** What holds all ways back is said once. */
const otherWays = computed(() => (main.value.otherMethods ?? []).filter((m) => m.allowance.kind !== 'none'));
const plants = usePlants(groupId);
/** Where nothing may be taken: what serves as well, as far as the group's list has it. */
const instead = computed(() =>
  main.value.allowance.kind !== 'none'
    ? []
    : props.stand.profile.substitutes.flatMap((s) => {
        const plant = plants.data.value?.find((p) => p.key === s.plantKey);
        return plant ? [{ ...s, name: words.value.text(plant.names) }] : [];
      }),
);
const reasons = useWindowReasons({
  standId: computed(() => props.stand.id),
  stand: computed(() => props.stand),
  stationName: computed(() => props.stand.stationName),
  outlook: main,
  day: computed(() => props.day),
});
</script>

<template>
  <section class="section">
    <h2>{{ words.t('stand.howMuch') }}</h2>
    <div v-if="outlooks.length > 1" class="chips parts">
      <Button
        v-for="(o, i) in outlooks"
        :key="o.part + o.use"
        class="chip"
        :aria-pressed="i === chosen"
        @click="chosen = i">
        <CoalMark :readiness="o.readiness" :thorns="false" :size="20" :label="words.coal(o.readiness, false)" />
        {{ words.text(o.partName) }}
      </Button>
    </div>
    <h3 class="headline" :class="{ warn: main.allowance.kind === 'none' }">{{ words.allowance(main.allowance) }}</h3>
    <p v-if="main.method !== 'usual'" class="small">
      {{ words.t('take.took', { how: words.t(`take.method.${main.method}`) }) }}
    </p>
    <p class="soft small">{{ words.t('allowance.heldBy', { what: words.heldBy(main.allowance) }) }}</p>
    <p>
      <ReasonText :reasons="reasons">{{ words.window(main, day) }}</ReasonText>
    </p>
    <p v-for="note in words.windowNotes(main, day)" :key="note" class="small">{{ note }}</p>
    <StandWish :key="main.part" :stand="stand" :outlook="main" @begin="emit('stay')" />
    <p v-if="main.inseparable && main.neverApart" class="warn small">{{ words.t('stand.neverApart') }}</p>
    <p v-else-if="main.inseparable && main.separable?.p50" class="warn small">
      {{ words.t('stand.inseparable', { day: words.format.day(main.separable.p50, day) }) }}
    </p>
    <p v-if="main.leafByLeaf.length" class="warn small">
      {{
        words.t('clearance.leafByLeaf', { names: words.format.list(main.leafByLeaf.map((l) => words.text(l.name))) })
      }}
    </p>
    <AllowanceSum :allowance="main.allowance" />
    <p v-if="main.freedByCount" class="small">
      {{ words.t('allowance.mayFree', { what: words.amount(main.freedByCount, main.allowance.unit) }) }}
    </p>
    <p v-if="main.countedSincePlan" class="small">
      {{ words.t('allowance.countedSincePlan', { day: words.format.dayAndYear(main.countedSincePlan) }) }}
      <RouterLink :to="{ name: 'bench', params: { standId: stand.id } }">{{ words.t('bench.open') }}</RouterLink>
    </p>
    <p v-if="instead.length" class="small">
      {{ words.t('allowance.instead') }}
      <template v-for="(x, i) in instead" :key="x.plantKey">
        {{ i > 0 ? ' · ' : ''
        }}<RouterLink :to="{ name: 'plant', params: { plantKey: x.plantKey } }">{{ x.name }}</RouterLink> ({{
          words.text(x.purpose)
        }})
      </template>
    </p>
    <p v-for="m in otherWays" :key="m.method" class="small">
      <b>{{ words.t(`take.method.${m.method}`) }}</b>: {{ words.allowance(m.allowance) }}
    </p>
    <p v-if="stand.lossShare > 0" class="small soft">
      <ReasonText :reasons="words.lossReasons(stand.losses, day)">{{
        words.t('stand.lossNote', { percent: words.format.percent(stand.lossShare) })
      }}</ReasonText>
    </p>
    <div v-if="mayPick" class="acts no-print">
      <GoButton type="primary" :to="{ name: 'take', params: { standId: stand.id }, query: { part: main.part } }"
        >{{ words.t('hearth.logTake') }} <kbd>k</kbd></GoButton
      >
      <GoButton :to="{ name: 'visit', params: { standId: stand.id } }"
        >{{ words.t('hearth.logVisit') }} <kbd>v</kbd></GoButton
      >
      <GoButton v-if="stand.identity !== 'confirmed'" :to="{ name: 'identifyStand', params: { standId: stand.id } }">{{
        words.t('identify.open')
      }}</GoButton>
    </div>
    <StandHolds :stand="stand" :outlook="main" />
  </section>
</template>

<style scoped>
.headline {
  font-size: 24px;
  margin: 4px 0 2px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 12px;
}
.parts {
  margin-bottom: 8px;
}
.parts .chip {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  padding: 3px 12px;
  min-height: 34px;
  font-size: 14px;
  border-radius: 4px;
}
p {
  margin: 0 0 5px;
}
/* On the phone the sum is what stands first: parts lie in one row, and no heading says what is plain. */
@media (max-width: 900px) {
  h2 {
    position: absolute;
    clip-path: inset(50%);
  }
  .parts {
    flex-wrap: nowrap;
    overflow-x: auto;
    margin: 0 -16px 4px;
    padding: 0 16px 2px;
  }
  .parts .chip {
    flex: none;
    min-height: 44px;
  }
  .headline {
    margin-top: 0;
  }
}
</style>
