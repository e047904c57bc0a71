<script setup lang="ts">
import { computed } from 'vue'
import { shownListingsOf } from '~~/core/pages/standing'
import { tallyOf } from '~~/core/query/tally'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import type { DrawerName } from '../stores/bench/selection'
import { useShown } from '../stores/bench/shown'
import { useCatalogue } from '../stores/catalogue'
import { useFindings } from './findings'
import { words } from './words'

const draft = useDraft()
const selection = useSelection()
const shown = useShown()
const catalogue = useCatalogue()
const steps = computed(() =>
  selection.listing === null || selection.counts === null
    ? []
    : tallyOf(selection.listing, selection.counts.steps, catalogue.words),
)
/** Why the chosen listing can't be shown as it is. */
const trouble = computed(() =>
  selection.listingId === null ? null : (shown.troubles[selection.listingId] ?? null),
)
const most = computed(() => Math.max(1, ...steps.value.map((step) => step.count)))
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

const findings = useFindings()
/** With nothing chosen it is asked of all that visitors see. */
const hasListings = computed(
  () => selection.chosenId === null && selection.band === null && shownListingsOf(draft.page).length > 0,
)

function toggle(drawer: DrawerName) {
  selection.openDrawer(selection.drawer === drawer ? null : drawer)
}
</script>

<template>
  <section class="tally" data-tally data-region :aria-label="words.tally" tabindex="-1">
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
    <div class="asks">
      <v-btn
        v-if="steps.length || hasListings"
        height="34"
        :aria-pressed="selection.drawer === 'next'"
        @click="toggle('next')"
        >{{ words.nextChange }}</v-btn
      >
      <v-btn
        v-if="steps.length"
        height="34"
        :aria-pressed="selection.drawer === 'why'"
        @click="toggle('why')"
        >{{ words.why }}</v-btn
      >
    </div>
    <v-btn height="34" class="checks" :aria-pressed="selection.drawer === 'checks'" @click="toggle('checks')">
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
  background: var(--sheet);
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
  border: solid var(--edge-strong);
  border-width: 1.5px 1.5px 0 0;
  transform: rotate(45deg);
}

strong {
  font-size: var(--size-figure);
  line-height: 1.2;
  font-weight: 700;
}

.trouble {
  max-width: 420px;
  margin: 0 18px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--rust-ink);
}

.label {
  max-width: 190px;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: var(--size-note);
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
  font-size: var(--size-fine);
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

.count {
  min-width: 20px;
  margin-left: 8px;
  padding: 1px 6px;
  border-radius: 10px;
  background: var(--rust-ink);
  color: var(--sheet);
  font-size: var(--size-fine);
}

.count.none {
  background: var(--leaf);
}
</style>
