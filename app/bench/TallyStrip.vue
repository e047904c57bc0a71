<script setup lang="ts">
import { computed } from 'vue'
import { tallyOf } from '~~/core/query/tally'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

const bench = useBench()
const catalogue = useCatalogue()
const steps = computed(() => {
  const counts = bench.chosen === null ? undefined : bench.counts[bench.chosen.listing]
  return bench.listing === null || counts === undefined ? [] : tallyOf(bench.listing, counts, catalogue.words)
})
const most = computed(() => Math.max(1, ...steps.value.map((step) => step.count)))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))
</script>

<template>
  <section class="tally" :aria-label="words.tally" tabindex="-1">
    <ol v-if="steps.length">
      <li v-for="(step, at) in steps" :key="at" :data-clause="step.clause">
        <strong class="tabular">{{ format.format(step.count) }}</strong>
        <span class="label">{{ step.label }}</span>
        <span class="bar"><span :style="{ width: `${(step.count / most) * 100}%` }" /></span>
        <span v-if="step.note" class="note">{{ step.note }}</span>
      </li>
    </ol>
    <p v-else>{{ words.nothingChosen }}</p>
  </section>
</template>

<style scoped>
.tally {
  display: flex;
  align-items: center;
  min-height: 86px;
  padding: 10px 18px;
  background: #fff;
  border-top: 1px solid var(--line);
  overflow-x: auto;
}

ol {
  display: flex;
  align-items: stretch;
  gap: 34px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
  display: grid;
  grid-template-rows: auto auto auto;
  align-content: start;
  gap: 3px;
  min-width: 92px;
  white-space: nowrap;
}

li + li::before {
  content: '';
  position: absolute;
  left: -21px;
  top: 20px;
  width: 7px;
  height: 7px;
  border: solid #b9b09a;
  border-width: 1.5px 1.5px 0 0;
  transform: rotate(45deg);
}

strong {
  font-size: 20px;
  line-height: 1.2;
  font-weight: 700;
}

.label {
  max-width: 190px;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 12.5px;
  color: var(--soft);
}

.bar {
  height: 5px;
}

.bar span {
  display: block;
  min-width: 2px;
  height: 100%;
  border-radius: 3px;
  background: var(--clause);
}

.note {
  font-size: 12px;
  font-weight: 600;
  color: var(--clause);
}

p {
  margin: 0;
  color: var(--soft);
}
</style>
