<script setup lang="ts">
import { computed } from 'vue';
import { isPoison } from '@emberfield/core/identity';
import { useWords } from '../session/words.ts';
import type { Pair } from './pair.ts';
import CatalogueText from '../kit/CatalogueText.vue';
import SignDrawing from '../kit/SignDrawing.vue';

/** Two plants side by side, at this stage and four weeks on, with the sign that separates them. */
const props = defineProps<{ pair: Pair; day: string; wanted: string | null }>();
const words = useWords();
const heads = computed(() => [props.pair.mine, props.pair.theirs]);
const decides = computed(() => props.pair.rows.some((r) => r.decides));
</script>

<template>
  <section class="pair">
    <table>
      <thead>
        <tr>
          <td />
          <th v-for="p in heads" :key="p.key" scope="col">
            <RouterLink :to="{ name: 'plant', params: { plantKey: p.key } }">{{ words.text(p.names) }}</RouterLink>
            <span :class="isPoison(p.severity) ? 'warn' : 'soft'">
              {{ words.t(`identify.severity.${p.severity}`) }}</span><span v-if="p.key === wanted" class="soft">
              · {{ words.t('identify.wanted') }}</span
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in pair.rows" :key="r.sign" :class="{ decides: r.decides }">
          <th scope="row">
            {{ words.t(`sign.${r.sign}`)
            }}<small v-if="r.decides">{{ words.t(r.alone ? 'identify.decidesAlone' : 'identify.decides') }}</small>
          </th>
          <td v-for="(states, i) in [r.mine, r.theirs]" :key="i">
            <span v-for="state in states" :key="state" class="shown">
              <SignDrawing :sign="r.sign" :state="state" :size="52" />{{ words.t(`state.${r.sign}.${state}`) }}
            </span>
          </td>
        </tr>
        <tr>
          <th scope="row">
            {{ words.t('identify.fourWeeks')
            }}<small>{{ words.t('identify.about', { day: words.format.day(pair.later.day, day) }) }}</small>
          </th>
          <td v-for="(name, i) in [pair.later.mine, pair.later.theirs]" :key="i">
            {{ name ? words.text(name) : '–' }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="pair.separatedBy" class="small"><CatalogueText :text="pair.separatedBy" /></p>
    <p v-if="!decides" class="warn">
      {{
        pair.waitUntil
          ? words.t('identify.waitUntil', {
              day: words.format.day(pair.waitUntil.day, day),
              sign: words.t(`sign.${pair.waitUntil.sign}`),
            })
          : words.t('identify.never')
      }}
    </p>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  border-top: 1px solid var(--char);
  table-layout: fixed;
}
th,
td {
  text-align: left;
  font-weight: 400;
  vertical-align: top;
  padding: 8px 10px;
  border-bottom: 1px solid var(--hair);
  overflow-wrap: anywhere;
}
thead th {
  font-size: 14px;
}
thead a {
  font: 560 18px var(--serif);
  color: var(--char);
}
tbody th {
  font-weight: 640;
}
tr > :first-child {
  width: 150px;
}
small {
  display: block;
  font-weight: 400;
  color: var(--soft);
  font-size: 13px;
}
.decides > * {
  background: color-mix(in srgb, var(--glow) 18%, var(--sheet));
}
.shown {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  margin-right: 14px;
}
p {
  margin: 8px 0 0;
}
@media (max-width: 900px) {
  tr > :first-child {
    width: 84px;
  }
  th,
  td {
    padding: 6px;
  }
  .shown {
    flex-direction: column;
    align-items: flex-start;
    gap: 2px;
    margin-right: 8px;
  }
}
</style>
