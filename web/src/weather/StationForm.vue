<script setup lang="ts">
import { Button, Checkbox, Form, Input } from 'ant-design-vue';
import { useQueryClient } from '@tanstack/vue-query';
import { v7 as newId } from 'uuid';
import { computed, ref } from 'vue';
import { centreOf, ROUTES, type NewStation, newStationSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import PositionFields from '../form/PositionFields.vue';
import { useForm } from '../form/use-form.ts';
import { numberFrom } from '../kit/typed-number.ts';
import { heightFromM, heightLimit, heightToM } from '../patches/new-patch.ts';
import { useChange, usePatches } from '../session/queries.ts';
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
const blank = () => ({ id: newId(), name: '', latitude: '', longitude: '', height: '' });
const values = useDraft('station', blank());
/** A field left blank means where the place is that it stands near. */
const near = computed(() => {
  const place = patches.data.value?.find((p) => p.id === props.near) ?? patches.data.value?.[0];
  return place ? { ...centreOf(place.geometry), heightM: place.heightM } : null;
});
/** The operator's service can feed it: then nobody has to bring in files. */
const fed = ref(false);
const form = useForm({
  schema: newStationSchema,
  body: () => {
    const { id, name, latitude, longitude, height } = values.value;
    return {
      id,
      name: name.trim(),
      latitudeDeg: numberFrom(latitude, near.value?.latitudeDeg),
      longitudeDeg: numberFrom(longitude, near.value?.longitudeDeg),
      heightM: heightToM(height, imperial.value, near.value?.heightM ?? 0),
      ...(fed.value ? { source: 'service' } : {}),
    };
  },
  limit: (path, bound) => heightLimit(path, bound, imperial.value),
});
const save = useChange((body: NewStation) => call(ROUTES.newStation, { params: { groupId: groupId.value! }, body }));
async function keep(): Promise<void> {
  const made = await form.send(save.mutateAsync);
  if (made === undefined) return;
  values.value = blank();
  if (fed.value)
    await call(ROUTES.fetchStation, { params: { groupId: groupId.value!, stationId: made.id } }).catch(() => undefined);
  await client.invalidateQueries({ queryKey: ['group'] });
  emit('made', made.id);
}
</script>

<template>
  <Form layout="vertical" class="station" @submit="keep">
    <FormField :form="form" at="name" :label="words.t('weather.name')">
      <Input v-model:value="values.name" :maxlength="80" />
    </FormField>
    <PositionFields v-model:latitude="values.latitude" v-model:longitude="values.longitude" :form="form" :near="near" />
    <FormField :form="form" at="heightM" :label="words.t('patch.height')" :unit="imperial ? 'ft' : 'm'">
      <Input
        v-model:value="values.height"
        inputmode="decimal"
        :placeholder="near ? heightFromM(near.heightM, imperial) : '0'" />
    </FormField>
    <Checkbox v-if="group?.weatherService" v-model:checked="fed" class="wide">{{ words.t('weather.fed') }}</Checkbox>
    <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('weather.add') }}</Button>
    <FormFailure class="wide" :said="form.failure.value" />
  </Form>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr;
  gap: 0 12px;
  align-items: start;
  max-width: 900px;
}
.station > .ant-btn {
  justify-self: start;
  grid-column: 1 / -1;
}
.wide {
  grid-column: 1 / -1;
  margin-bottom: 12px;
}
@media (max-width: 900px) {
  .station {
    grid-template-columns: 1fr 1fr;
  }
  .station > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
