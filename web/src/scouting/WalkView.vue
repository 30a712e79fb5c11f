<script setup lang="ts">
import { Button } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import { useOnline } from '@vueuse/core';
import { onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { useSought } from '../session/queries.ts';
import { useOutbox } from '../offline/use-outbox.ts';
import { useGroup } from '../session/use-group.ts';
import { usePlants } from '../plants/queries.ts';
import { useWords } from '../session/words.ts';
import type { FindDraft } from './find-draft.ts';
import { useFinds } from './use-finds.ts';

/** A walk over unknown ground: a large button for every find, and what was found so far. */
const words = useWords();
const router = useRouter();
const { groupId, mayPick } = useGroup();
const plants = usePlants(groupId);
const sought = useSought(groupId);
const { finds, waiting, standing, problemOf, begin, forget, reopen, send } = useFinds();
const outbox = useOutbox();
const online = useOnline();
onMounted(() => void send());
const note = (): void => void router.push({ name: 'find', params: { findId: begin().id } });
const names = ({ body }: FindDraft): string =>
  words.value.format.list([
    ...body.mayBe.map((key) => {
      const plant = plants.data.value?.find((p) => p.key === key);
      return plant ? words.value.text(plant.names) : key;
    }),
    ...(body.unlisted ? [body.unlisted] : []),
  ]) || words.value.t('walk.unknown');
/** What waits or was refused is taken out of the outbox to be changed: it goes anew once it is kept again. */
async function mend(f: FindDraft): Promise<void> {
  if (standing(f) !== 'draft') await reopen(f);
  await router.push({ name: 'find', params: { findId: f.id } });
}
</script>

<template>
  <div class="walk">
    <h1>{{ words.t('walk.title') }}</h1>
    <p class="soft">{{ words.t('walk.lead') }}</p>
    <Button v-if="mayPick" type="primary" class="here" @click="note">{{ words.t('walk.here') }}</Button>
    <p v-if="waiting" class="waiting" role="status">
      {{ words.t('walk.kept', { n: waiting }) }}.
      {{ outbox.sending ? words.t('walk.sending') : online ? '' : words.t('walk.noSignal') }}
      <Button v-if="!outbox.sending && online" type="link" @click="outbox.flush()">
        {{ words.t('walk.tryAgain') }}
      </Button>
    </p>
    <p v-if="!finds.length" class="soft">{{ words.t('walk.none') }}</p>
    <ul>
      <li v-for="f in [...finds].reverse()" :key="f.id">
        <div>
          <b class="serif">{{ f.name }}</b>
          <span>{{ names(f) }}</span>
          <small class="soft">{{
            [f.body.condition ? words.t(`find.conditionOf.${f.body.condition}`) : '', words.t(`walk.${standing(f)}`)]
              .filter(Boolean)
              .join(' · ')
          }}</small>
          <small v-if="problemOf(f)" class="warn">{{ problemOf(f) }}</small>
        </div>
        <GoButton
          v-if="standing(f) === 'sent'"
          :to="{ name: 'prospects', params: { patchId: f.patchId }, query: { plants: f.body.mayBe.join(',') } }"
          >{{ words.t('walk.later') }}</GoButton
        >
        <template v-else>
          <Button v-if="standing(f) === 'refused'" @click="outbox.again(f.entryId)">
            {{ words.t('walk.tryAgain') }}
          </Button>
          <Button @click="mend(f)">{{ words.t('common.edit') }}</Button>
          <Button v-if="standing(f) === 'draft'" type="link" @click="forget(f.id)">
            {{ words.t('walk.forget') }}
          </Button>
        </template>
      </li>
    </ul>
    <section v-if="sought.data.value?.length" class="section">
      <h2>{{ words.t('walk.sought') }}</h2>
      <ul class="sought">
        <li v-for="s in sought.data.value" :key="s.id">
          <b>{{ s.what }}</b> <span class="soft">{{ s.note }}</span>
          <small v-if="s.inVain.length" class="soft">{{
            words.t('vain.at', {
              places: words.format.list(s.inVain.map((v) => `${v.patchName} (${words.format.day(v.day)})`)),
            })
          }}</small>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.walk {
  max-width: 640px;
  margin: 0 auto;
  padding: 16px 18px 60px;
  font-size: 17px;
}
.here {
  margin: 6px 0 12px;
  width: 100%;
  min-height: 76px;
  font-size: 21px;
}
.waiting {
  background: var(--band);
  padding: 8px 14px;
  margin: 12px 0;
}
ul {
  list-style: none;
  padding: 0;
  margin: 14px 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  border-top: 1px solid var(--hair);
  padding: 10px 0;
}
li > div {
  flex: 1 1 200px;
  display: grid;
}
small {
  font-size: 14px;
}
.sought li {
  display: block;
}
.sought small {
  display: block;
}
</style>
