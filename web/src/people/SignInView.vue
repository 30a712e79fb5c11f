<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { useMutation } from '@tanstack/vue-query';
import { reactive } from 'vue';
import { ROUTES, type SessionView, signInSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import FoundingForm from './FoundingForm.vue';
import { useEnter } from '../session/queries.ts';
import CoalMark from '../kit/CoalMark.vue';

defineProps<{ session: SessionView }>();
const words = useWords();
const enter = useEnter();
const values = reactive({ signInName: '', password: '' });
const form = useForm({ schema: signInSchema, body: () => values });
const signIn = (): Promise<void | undefined> => form.send(async (body) => enter(await call(ROUTES.signIn, { body })));
const demo = useMutation({
  mutationFn: (signInName: string) => call(ROUTES.demoSignIn, { body: { signInName } }),
  onSuccess: enter,
});
</script>

<template>
  <main class="gate">
    <header>
      <CoalMark :readiness="{ state: 'glowing', daysLeft: 9, quality: 1 }" :size="64" label="Emberfield" />
      <div>
        <h1>Emberfield</h1>
        <p class="soft">{{ words.t('signIn.tagline') }}</p>
      </div>
    </header>
    <section v-if="session.demoPeople.length" class="section">
      <h2>{{ words.t('signIn.demo') }}</h2>
      <ul class="tiles">
        <li v-for="p in session.demoPeople" :key="p.signInName">
          <Button :disabled="demo.isPending.value" @click="demo.mutate(p.signInName)">
            {{ p.name }} <span class="soft">{{ words.t(`role.${p.role}`) }}</span>
          </Button>
        </li>
      </ul>
      <p class="soft small">{{ words.t('signIn.demoNote') }}</p>
      <p v-if="demo.error.value" class="warn" role="alert">{{ demo.error.value.message }}</p>
    </section>
    <FoundingForm v-else-if="session.canFound" />
    <Form v-if="!session.canFound" layout="vertical" class="section" @submit="signIn">
      <h2>{{ words.t('signIn.title') }}</h2>
      <FormField :form="form" at="signInName" :label="words.t('signIn.name')">
        <Input v-model:value="values.signInName" autocomplete="username" />
      </FormField>
      <FormField :form="form" at="password" :label="words.t('signIn.password')">
        <Input v-model:value="values.password" type="password" autocomplete="current-password" />
      </FormField>
      <FormFailure :said="form.failure.value" />
      <Button type="primary" html-type="submit" size="large" :loading="form.busy.value">{{
        words.t('signIn.enter')
      }}</Button>
    </Form>
    <p class="soft small foot">{{ words.t('common.caution') }}</p>
  </main>
</template>

<style scoped>
.gate {
  max-width: 520px;
  margin: 0 auto;
  padding: 9vh 20px 40px;
}
header {
  display: flex;
  gap: 18px;
  align-items: center;
  margin-bottom: 30px;
}
header p {
  margin: 2px 0 0;
}
h1 {
  font-size: 38px;
}
h2 {
  margin-bottom: 10px;
}
.tiles {
  list-style: none;
  padding: 0;
  margin: 0 0 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 10px;
}
.tiles .ant-btn {
  display: flex;
  gap: 8px;
  align-items: baseline;
  justify-content: center;
  align-content: center;
  flex-wrap: wrap;
  width: 100%;
  min-height: 56px;
  background: var(--sheet);
  font-size: 17px;
}
.tiles .soft {
  font-weight: 400;
  font-size: 14px;
}
.foot {
  margin-top: 36px;
  border-top: 1px solid var(--hair);
  padding-top: 12px;
}
</style>
