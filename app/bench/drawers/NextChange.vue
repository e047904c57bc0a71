<script setup lang="ts">
import { computed } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import { formatDate } from '~~/core/formats/dates'
import type { NextChange } from '~~/core/query/answers'
import { useAnswer } from '../../shared/answers'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'

/** When the clock alone will next change what a listing shows, and what comes and goes then. */
const props = defineProps<{
  listing: Listing
  /** Entries shown above it on the page, by their ids. */
  above: readonly number[]
}>()
const view = useView()
const catalogue = useCatalogue()

const { answer, failure } = useAnswer<{ readonly next: NextChange | null }>(() => ({
  path: '/api/bench/listings/next-change',
  body: { ...view.asked(), definition: props.listing, above: props.above },
}))
const when = computed(() => {
  const next = answer.value?.next
  return next ? formatDate(next.at, catalogue.catalogue, 'time') : ''
})
</script>

<template>
  <p v-if="failure" role="alert">{{ failure }}</p>
  <p v-else-if="answer === undefined" role="status">{{ words.nextLooking }}</p>
  <p v-else-if="answer.next === null" role="status">{{ words.nextNothing }}</p>
  <p v-else-if="!answer.next.isChange" role="status">{{ words.nextNotBefore(when) }}</p>
  <div v-else role="status" class="next">
    <p>
      {{ words.nextAt }} <strong>{{ when }}</strong>
    </p>
    <template v-for="what in ['comes', 'goes'] as const" :key="what">
      <template v-if="answer.next[what].length > 0">
        <h3>{{ words.nextWhat[what] }}</h3>
        <ul>
          <li v-for="(title, at) in answer.next[what]" :key="at">{{ title }}</li>
        </ul>
      </template>
    </template>
    <p v-if="answer.next.comes.length + answer.next.goes.length === 0">{{ words.nextOrder }}</p>
  </div>
</template>

<style scoped>
.next {
  display: grid;
  gap: 10px;
}

h3 {
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--soft);
}

ul {
  margin: -6px 0 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 7px 0;
  border-bottom: 1px solid var(--line);
  font-weight: 600;
  overflow-wrap: anywhere;
}
</style>
