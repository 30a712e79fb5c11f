<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import { useQueryClient } from '@tanstack/vue-query';
import { v7 as newId } from 'uuid';
import { computed, ref } from 'vue';
import { centreOf, ROUTES } from '@emberfield/contract';
import { usePatches } from '../patches/queries.ts';
import { heightFromM, heightToM, typedNumber } from '../patches/new-patch.ts';
import { useChange } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';

const client = useQueryClient();
/** Place that it is to stand at; else it is put near the first. */
const props = defineProps<{ near: string | null }>();
const emit = defineEmits<{ made: [stationId: string] }>();
const words = useWords();
const { groupId, group } = useGroup();
const patches = usePatches(groupId);
const imperial = computed(() => group.value?.units === 'imperial');
const form = useDraft('station', {
  id: newId(),
  name: '',
  latitude: '',
  longitude: '',
  height: '',
});
const beside = computed(() => patches.data.value?.find((p) => p.id === props.near) ?? patches.data.value?.[0]);
const position = computed(() => {
  const first = beside.value;
  const near = first ? { ...centreOf(first.geometry), heightM: first.heightM } : null;
  const latitudeDeg = typedNumber(form.value.latitude) ?? near?.latitudeDeg;
  const longitudeDeg = typedNumber(form.value.longitude) ?? near?.longitudeDeg;
  const heightM = form.value.height === '' ? (near?.heightM ?? 0) : heightToM(form.value.height, imperial.value);
  return latitudeDeg === undefined || longitudeDeg === undefined ? null : { latitudeDeg, longitudeDeg, heightM };
});
const nearText = computed(() => {
  const first = beside.value;
  return first
    ? {
        latitude: String(Math.round(centreOf(first.geometry).latitudeDeg * 1e3) / 1e3),
        longitude: String(Math.round(centreOf(first.geometry).longitudeDeg * 1e3) / 1e3),
        height: heightFromM(first.heightM, imperial.value),
      }
    : null;
});
const save = useChange(() =>
  call(ROUTES.newStation, {
    params: { groupId: groupId.value! },
    body: {
      id: form.value.id,
      name: form.value.name.trim(),
      ...position.value!,
      ...(fed.value ? { source: 'service' as const } : {}),
    },
  }),
);
/** The operator's service can feed it: then nobody has to bring in files. */
const fed = ref(false);
async function keep(): Promise<void> {
  const made = await save.mutateAsync(undefined).catch(() => null);
  if (!made) return;
  form.value = { id: newId(), name: '', latitude: '', longitude: '', height: '' };
  if (fed.value)
    await call(ROUTES.fetchStation, { params: { groupId: groupId.value!, stationId: made.id } }).catch(() => undefined);
  await client.invalidateQueries({ queryKey: ['group'] });
  emit('made', made.id);
}
</script>

<template>
  <form class="station" @submit.prevent="keep">
    <label class="field"
      ><span>{{ words.t('weather.name') }}</span
      ><Input v-model:value="form.name" :maxlength="80" required
    /></label>
    <label class="field"
      ><span>{{ words.t('patch.latitude') }}</span
      ><Input v-model:value="form.latitude" inputmode="decimal" :placeholder="nearText?.latitude ?? '46.0'"
    /></label>
    <label class="field"
      ><span>{{ words.t('patch.longitude') }}</span
      ><Input v-model:value="form.longitude" inputmode="decimal" :placeholder="nearText?.longitude ?? '-30.0'"
    /></label>
    <label class="field"
      ><span>{{ words.t('patch.height') }}, {{ imperial ? 'ft' : 'm' }}</span
      ><Input v-model:value="form.height" inputmode="decimal" :placeholder="nearText?.height ?? '0'"
    /></label>
    <Checkbox v-if="group?.weatherService" v-model:checked="fed" class="fed">{{ words.t('weather.fed') }}</Checkbox>
    <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
    <Button html-type="submit" type="primary" :disabled="!position || !form.name.trim() || save.isPending.value">
      {{ words.t('weather.add') }}
    </Button>
  </form>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr auto;
  gap: 0 12px;
  align-items: end;
  max-width: 900px;
}
.station .ant-btn {
  margin-bottom: 12px;
}
.fed {
  display: flex;
  gap: 10px;
  align-items: center;
  grid-column: 1 / -1;
  order: 8;
}
.station p {
  grid-column: 1 / -1;
  order: 9;
}
@media (max-width: 900px) {
  .station {
    grid-template-columns: 1fr 1fr;
  }
  .station .field:first-child {
    grid-column: 1 / -1;
  }
}
</style>
