<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import type { WorkRow, Works } from '~~/core/works'
import { useAnswer } from '../shared/answers'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { useCatalogue } from '../stores/catalogue'
import { workWords } from './words'

/** What goes on by itself: how far it is, what failed and why, and what can be done about it. */
const catalogue = useCatalogue()
const { answer, failure, again } = useAnswer<Works>(() => ({ path: '/api/bench/works' }))
const number = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))
const isQuiet = computed(
  () =>
    answer.value !== undefined &&
    answer.value.works.length + answer.value.pictures + answer.value.failed.length === 0,
)

/** In milliseconds. */
const lookEvery = 2000
useIntervalFn(() => void again(), lookEvery)

function progress({ done, size }: WorkRow): string {
  return workWords.progress(number.value.format(done), number.value.format(size))
}

function state(work: WorkRow): string {
  if (work.failure !== null) return workWords.failed(work.failure)
  return work.isStopping ? workWords.stopping : progress(work)
}

async function ask(work: WorkRow, what: 'stop' | 'retry') {
  await attempt(() => request('POST', `/api/bench/works/${work.id}/${what}`))
  await again()
}
</script>

<template>
  <section :aria-label="workWords.title">
    <h2>{{ workWords.title }}</h2>
    <p v-if="failure" class="facts" role="alert">{{ failure }}</p>
    <p v-else-if="isQuiet" class="facts">{{ workWords.quiet }}</p>
    <ul v-else-if="answer" :aria-label="workWords.title">
      <li v-for="work in answer.works" :key="work.id">
        <span>
          <strong>{{ workWords.kinds[work.kind](work.subject) }}</strong>
          <span class="facts" :class="{ failed: work.failure !== null }">{{ state(work) }}</span>
          <v-progress-linear
            v-if="work.failure === null"
            :model-value="work.size === 0 ? 0 : (100 * work.done) / work.size"
            :aria-label="workWords.kinds[work.kind](work.subject)"
            color="from"
            rounded
          />
        </span>
        <v-btn v-if="work.failure !== null" height="36" variant="text" @click="ask(work, 'retry')">{{
          workWords.retry
        }}</v-btn>
        <v-btn
          v-else-if="work.mayStop"
          height="36"
          variant="text"
          :disabled="work.isStopping"
          :aria-label="workWords.stopIt(workWords.kinds[work.kind](work.subject))"
          @click="ask(work, 'stop')"
          >{{ workWords.stop }}</v-btn
        >
      </li>
      <li v-if="answer.pictures > 0">
        <span>
          <strong>{{ workWords.pictures }}</strong>
          <span class="facts">{{ workWords.left(number.format(answer.pictures)) }}</span>
        </span>
      </li>
      <li v-for="job in answer.failed" :key="job.name">
        <span>
          <strong>{{ workWords.jobs[job.name] ?? job.name }}</strong>
          <span class="facts failed">{{
            workWords.gaveUp(formatDate(job.failedAt, catalogue.catalogue, 'time'), job.message)
          }}</span>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped src="./sections.css" />

<style scoped>
li {
  grid-template-columns: minmax(0, 1fr) 100px;
}

.facts {
  margin-top: 2px;
  overflow-wrap: anywhere;
}

.failed {
  color: rgb(var(--v-theme-error));
}

.v-progress-linear {
  margin-top: 7px;
}
</style>
