<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import type { Listing } from '~~/core/listing/definition'
import type { WhyAnswer } from '~~/core/query/why'
import EntryAutocomplete from '../content/EntryAutocomplete.vue'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { useBench } from '../stores/bench'
import { useCatalogue } from '../stores/catalogue'
import WhyReason from './WhyReason.vue'
import SidePanel from './SidePanel.vue'
import { words } from './words'

/** Why an entry is shown, or why not: what it has against each rule, or where in the order it stands. */
const props = defineProps<{ listing: Listing }>()
const bench = useBench()
const catalogue = useCatalogue()
const panel = useTemplateRef('panel')
const entry = ref<readonly number[]>([])
const answer = ref<WhyAnswer | null>(null)
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

watch(
  () => [entry.value, props.listing, bench.asOf, bench.sample],
  async (_, __, onCleanup) => {
    let isLate = false
    onCleanup(() => (isLate = true))
    const [id] = entry.value
    const found = id === undefined ? null : await attempt(() => asked(id))
    // A later question may have been answered sooner.
    if (!isLate) answer.value = found
  },
)

onMounted(() => panel.value?.takeFocus())

function asked(id: number): Promise<WhyAnswer> {
  return request<WhyAnswer>('POST', '/api/bench/listings/why', {
    ...bench.asked(),
    definition: props.listing,
    above: bench.chosenCounts?.above ?? [],
    entry: id,
  })
}

const verdict = computed(() => {
  const why = answer.value
  if (why === null) return ''
  if (why.kept !== null) return words.whyKept(why.kept)
  if (why.place === null) return words.whyFails
  return words.whyShown(
    format.value.format(why.place),
    why.page === null ? null : format.value.format(why.page),
  )
})
</script>

<template>
  <SidePanel
    ref="panel"
    :title="words.whyTitle"
    :hint="words.whyHint"
    :close="words.closeWhy"
    @close="bench.panel = null"
  >
    <EntryAutocomplete v-model="entry" one :label="words.whyEntry" :collections="listing.from.collections" />
    <div v-if="answer" role="status" class="answer">
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
  </SidePanel>
</template>

<style scoped>
.answer {
  display: grid;
  gap: 12px;
  margin-top: 16px;
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
  font-size: 13px;
  font-weight: 600;
  color: #48544c;
}

dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 12px;
  font-size: 13px;
}

dd {
  font-weight: 600;
}

.ties {
  font-size: 13px;
  color: var(--soft);
}
</style>
