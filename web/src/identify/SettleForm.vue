<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { IDENTITY_STATUSES, SIGNS, type IdentityStatus, type StandView } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import PickOne from '../kit/PickOne.vue';
import DayField from '../kit/DayField.vue';
import ChoiceChips from '../kit/ChoiceChips.vue';
import { useDay } from '../session/use-day.ts';
import { useWords } from '../session/words.ts';
import type { FieldLeft } from './field-left.ts';
import type { IdentifyDraft } from './identify-draft.ts';
import { settling } from './settling.ts';
import { useSettle } from './use-settle.ts';

/** What the stand is said to be by what was seen, or what is still to come. */
const props = defineProps<{ stand: StandView; field: FieldLeft; draft: IdentifyDraft }>();
const emit = defineEmits<{ kept: [] }>();
const words = useWords();
const { today } = useDay();
const { busy, failure, keep, wait } = useSettle();
const status = ref<IdentityStatus | null>(null);
const note = ref('');
const sign = ref<string | null>(null);
const due = ref('');
const said = computed(() => settling(props.stand, props.field, props.draft));
/** The worst come first; a long list is not read. */
const MOST_NAMES = 6;
const openNames = computed(() => {
  const names = said.value.dangerousOpen.map((r) => words.value.text(r.names));
  const more = names.length - MOST_NAMES;
  return words.value.format.list(
    more > 0 ? [...names.slice(0, MOST_NAMES), words.value.t('identify.andMore', { count: more })] : names,
  );
});
const statuses = computed(() =>
  IDENTITY_STATUSES.filter((s) => s !== 'confirmed' || said.value.mayConfirm).map((s) => ({
    value: s,
    label: words.value.t(`stand.${s}`),
  })),
);
/** Signs whose answer is not there yet: of the organs that come later, or that need a night. */
const later = computed(() =>
  SIGNS.filter((s) => !props.draft.seen.some((x) => x.sign === s.key && x.present)).map((s) => ({
    value: s.key,
    label: words.value.t(`sign.${s.key}`),
  })),
);
const tomorrow = computed(() => isoDay(dayNumber(today.value) + 1));
async function store(): Promise<void> {
  const { stand, draft } = props;
  const body = {
    status: status.value!,
    phase: draft.phase,
    seen: draft.seen,
    leftOpen: said.value.leftOpen.map((c) => c.key),
    signs: [],
    note: note.value.trim(),
  };
  if (await keep(stand, body)) emit('kept');
}
const remind = (): Promise<boolean> =>
  wait(props.stand, { sign: sign.value!, due: due.value || tomorrow.value, note: '' });
</script>

<template>
  <section class="section settle no-print">
    <h2>{{ words.t('identify.settle') }}</h2>
    <p v-if="said.itselfRuledOut" class="warn">
      {{ words.t('identify.itIsRuledOut', { plant: words.text(stand.plantName) }) }}
    </p>
    <p v-else-if="said.unnamed" class="warn">{{ words.t('reasons.lookAlikesUnnamed') }}</p>
    <p v-else-if="said.withoutSigns.length" class="warn">
      {{ words.t('ownPlant.noSigns', { name: words.format.list(said.withoutSigns.map((l) => words.text(l.name))) }) }}
    </p>
    <p v-else-if="said.dangerousOpen.length" class="warn">
      {{ words.t('identify.cannotConfirm', { names: openNames }) }}
    </p>
    <p v-else-if="said.organsMissing" class="warn">{{ words.t('identify.organsMissing') }}</p>
    <p v-else-if="said.hostMissing" class="warn">{{ words.t('identify.hostMissing') }}</p>
    <p class="soft">{{ words.t('identify.settleLead') }}</p>
    <ChoiceChips v-model="status" optional :label="words.t('identify.settleLead')" :options="statuses" />
    <label class="field note">
      <span>{{ words.t('identify.note') }}</span><Input v-model:value="note" :maxlength="600" />
    </label>
    <Button type="primary" :disabled="status === null || busy" @click="store">
      {{ words.t('identify.keep') }}
    </Button>
    <h3>{{ words.t('identify.lookAgain') }}</h3>
    <p class="soft small">{{ words.t('identify.lookAgainLead') }}</p>
    <div class="row">
      <PickOne v-model="sign" :options="later" :label="words.t('identify.lookAgain')" placeholder="…" />
      <DayField v-model="due" :min="today" :placeholder="tomorrow" :label="words.t('identify.due')" />
      <Button :disabled="sign === null || busy" @click="remind">
        {{ words.t('identify.await') }}
      </Button>
    </div>
    <p v-if="failure" class="warn" role="alert">{{ failure }}</p>
  </section>
</template>

<style scoped>
.settle {
  border-top: 1px solid var(--hair);
  padding-top: 14px;
}
.note {
  margin-top: 10px;
  max-width: 520px;
}
h3 {
  margin-top: 16px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.row > * {
  width: auto;
}
</style>
