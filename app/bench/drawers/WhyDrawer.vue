<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import type { WhyAnswer } from '~~/core/query/why'
import EntryAutocomplete from '../../content/EntryAutocomplete.vue'
import { useAnswer } from '../../shared/answers'
import { useSelection } from '../../stores/bench/selection'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import WhyReason from './WhyReason.vue'
import { words } from '../words'

/** Why an entry is shown, or why not: what it has against each rule, or where in the order it stands. */
const props = defineProps<{ listing: Listing }>()
const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const entry = ref<readonly number[]>([])
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

const { answer, failure } = useAnswer<WhyAnswer>(() =>
  entry.value[0] === undefined
    ? null
    : {
        path: '/api/bench/listings/why',
        body: {
          ...view.asked(),
          definition: props.listing,
          above: selection.counts?.above ?? [],
          entry: entry.value[0],
        },
      },
)

const verdict = computed(() => {
  const why = answer.value
  if (why === undefined) return ''
  if (why.kept !== null) return words.whyKept(why.kept)
  if (why.place === null) return words.whyFails
  return words.whyShown(
    format.value.format(why.place),
    why.page === null ? null : format.value.format(why.page),
  )
})
</script>

<template>
  <EntryAutocomplete v-model="entry" one :label="words.whyEntry" :collections="listing.from.collections" />
  <p v-if="failure" role="alert" class="fault">{{ failure }}</p>
  <div v-else-if="answer" role="status" class="answer">
    <p class="verdict">{{ verdict }}</p>
    <ol v-if="answer.reasons.length > 0">
      <WhyReason
        v-for="(reason, at) in answer.reasons"
        :key="at"
        :reason="reason"
        :first="at === answer.firstFailing"
      />
    </ol>
    <template v-if="answer.place !== null">
      <h3>{{ words.whyOrder }}</h3>
      <dl>
        <template v-for="(key, at) in answer.order" :key="at">
          <dt>{{ key.by }}</dt>
          <dd>{{ key.has }}</dd>
        </template>
      </dl>
      <p v-if="answer.ties > 0" class="ties">{{ words.whyTies(format.format(answer.ties)) }}</p>
    </template>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  gap: 12px;
  margin-top: 16px;
}

.fault {
  margin-top: 16px;
  color: rgb(var(--v-theme-error));
}

.verdict {
  font-weight: 600;
  line-height: 1.4;
}

ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

h3 {
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 12px;
  font-size: var(--size-small);
}

dd {
  font-weight: 600;
}

.ties {
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
