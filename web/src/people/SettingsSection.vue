<script setup lang="ts">
import { Button, Input, Radio, RadioGroup } from 'ant-design-vue';
import { reactive, watch } from 'vue';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useWords } from '../session/words.ts';
import { deviceOf } from './device.ts';
import { useChange, useSessions } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useQueryClient } from '@tanstack/vue-query';
import PickOne from '../kit/PickOne.vue';

const words = useWords();
const undo = useUndo();
const client = useQueryClient();
const { groupId, group, isKeeper } = useGroup();
const sessions = useSessions();
const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((value) => ({ value, label: value }));
const form = reactive({ name: '', zone: 'UTC', units: 'metric' as 'metric' | 'imperial' });
watch(group, (g) => g && Object.assign(form, { name: g.name, zone: g.zone, units: g.units }), { immediate: true });
const save = useChange(() => call(ROUTES.changeGroup, { params: { groupId: groupId.value! }, body: { ...form } }));
const keep = (): Promise<void> =>
  save.mutateAsync(undefined).then(
    () => undo.say(words.value.t('common.stored')),
    () => undefined,
  );
async function end(sessionId: string): Promise<void> {
  await call(ROUTES.endSession, { params: { sessionId } });
  await client.invalidateQueries({ queryKey: ['sessions'] });
}
</script>

<template>
  <section v-if="isKeeper" class="section">
    <h2>{{ words.t('group.settings') }}</h2>
    <form @submit.prevent="keep">
      <label class="field"
        ><span>{{ words.t('founding.groupName') }}</span
        ><Input v-model:value="form.name" :maxlength="80" required
      /></label>
      <label class="field"
        ><span>{{ words.t('founding.zone') }}</span
        ><PickOne
          :model-value="form.zone"
          :options="zones"
          :label="words.t('founding.zone')"
          @update:model-value="form.zone = $event ?? 'UTC'"
      /></label>
      <div class="field">
        <span>{{ words.t('founding.units') }}</span><RadioGroup v-model:value="form.units"
          ><Radio value="metric">{{ words.t('founding.metric') }}</Radio
          ><Radio value="imperial">{{ words.t('founding.imperial') }}</Radio></RadioGroup
        >
      </div>
      <p v-if="save.error.value" class="warn" role="alert">{{ save.error.value.message }}</p>
      <Button html-type="submit" :disabled="save.isPending.value">{{ words.t('common.save') }}</Button>
    </form>
  </section>
  <section class="section">
    <h2>{{ words.t('group.sessions') }}</h2>
    <table class="plain">
      <tbody>
        <tr v-for="s in sessions.data.value ?? []" :key="s.id">
          <td :title="s.browser">{{ words.t(`group.device.${deviceOf(s.browser)}`) }}</td>
          <td>
            {{
              s.here
                ? words.t('group.here')
                : words.t('group.lastSeen', { day: words.format.instant(s.lastSeenAt, group?.zone ?? 'UTC') })
            }}
          </td>
          <td>
            <Button v-if="!s.here" type="link" @click="end(s.id)">
              {{ words.t('group.end') }}
            </Button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped></style>
