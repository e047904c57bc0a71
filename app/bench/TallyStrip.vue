<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { NextChange } from '~~/core/query/answers'
import { tallyOf } from '~~/core/query/tally'
import { formatDate } from '~~/core/formats/dates'
import { andList } from '~~/core/words'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'
import { useFindings } from './findings'
import { words } from './words'

const bench = useBench()
const catalogue = useCatalogue()
const steps = computed(() =>
  bench.listing === null || bench.chosenCounts === null
    ? []
    : tallyOf(bench.listing, bench.chosenCounts.steps, catalogue.words),
)
/** Why the chosen listing can't be shown as it is. */
const trouble = computed(() =>
  bench.chosen === null ? null : (bench.troubles[bench.chosen.listing] ?? null),
)
const most = computed(() => Math.max(1, ...steps.value.map((step) => step.count)))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

const findings = useFindings()

const next = ref<NextChange | null | undefined>(undefined)
watch(
  () => [bench.listing, bench.asOf, bench.sample],
  () => (next.value = undefined),
)

async function lookAhead() {
  const answer = await attempt(() =>
    request<{ next: NextChange | null }>('POST', '/api/bench/listings/next-change', {
      ...bench.asked(),
      definition: bench.listing,
      above: bench.chosenCounts?.above ?? [],
    }),
  )
  if (answer !== null) next.value = answer.next
}

const nextWords = computed(() => {
  const change = next.value
  if (change === undefined) return null
  if (change === null) return words.nextNothing
  if (!change.isChange) return words.nextNotBefore(formatDate(change.at, catalogue.catalogue, 'time'))
  const named = (titles: readonly string[]) =>
    andList(
      titles.map((title) => `“${title}”`),
      catalogue.catalogue.locale,
    )
  const what = [
    change.comes.length > 0 ? words.nextComes(named(change.comes)) : '',
    change.goes.length > 0 ? words.nextGoes(named(change.goes)) : '',
  ]
  const said = what.filter(Boolean).join(' ')
  return `${words.nextAt(formatDate(change.at, catalogue.catalogue, 'time'))} ${said === '' ? words.nextOrder : said}`
})
</script>

<template>
  <section class="tally" data-tally :aria-label="words.tally" tabindex="-1">
    <!-- Many steps are scrolled, by keys too; what is asked of them stays in sight. -->
    <ol v-if="steps.length" tabindex="0" :aria-label="words.tally">
      <li v-for="(step, at) in steps" :key="at" :data-clause="step.clause">
        <strong class="tabular">{{ format.format(step.count) }}</strong>
        <span class="label">{{ step.label }}</span>
        <span class="bar"><span :style="{ width: `${(step.count / most) * 100}%` }" /></span>
        <span v-if="step.note" class="note">{{ step.note }}</span>
      </li>
    </ol>
    <p v-else-if="trouble === null">{{ words.nothingChosen }}</p>
    <p v-if="trouble" role="alert" class="trouble">{{ trouble }}</p>
    <div v-if="steps.length" class="asks">
      <p v-if="nextWords" role="status" class="next">{{ nextWords }}</p>
      <v-btn v-else height="34" @click="lookAhead">{{ words.nextChange }}</v-btn>
      <v-btn
        height="34"
        :aria-pressed="bench.panel === 'why'"
        @click="bench.panel = bench.panel === 'why' ? null : 'why'"
        >{{ words.why }}</v-btn
      >
    </div>
    <v-btn
      height="34"
      class="checks"
      :class="{ alone: !steps.length }"
      :aria-pressed="bench.panel === 'checks'"
      @click="bench.panel = bench.panel === 'checks' ? null : 'checks'"
    >
      {{ words.checks }}
      <span class="count tabular" :class="{ none: findings.length === 0 }">{{ findings.length }}</span>
    </v-btn>
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
}

.tally > :not(ol) {
  flex: none;
}

ol {
  display: flex;
  flex: 0 1 auto;
  min-width: 0;
  overflow-x: auto;
  scrollbar-width: thin;
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

.trouble {
  max-width: 420px;
  margin: 0 18px;
  font-size: 13px;
  font-weight: 600;
  color: #8c2f14;
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

.asks {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-left: auto;
  padding-left: 24px;
}

.checks {
  margin-left: 8px;
}

.checks.alone {
  margin-left: auto;
}

.count {
  min-width: 20px;
  margin-left: 8px;
  padding: 1px 6px;
  border-radius: 10px;
  background: #8a4a10;
  color: #fff;
  font-size: 12px;
}

.count.none {
  background: var(--leaf);
}

.next {
  max-width: 320px;
  font-size: 12.5px;
  line-height: 1.4;
}
</style>
