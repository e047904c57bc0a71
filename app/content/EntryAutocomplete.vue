<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import { useAnswers, useKnown } from '../shared/answers'
import type { PageOfRows } from '../shared/answers'
import { words } from './words'

/** Entries of some collections, found by typing. */
const chosen = defineModel<readonly number[]>({ required: true })
const props = defineProps<{
  label: string
  collections: readonly number[]
  one?: boolean
  hint?: string
  faults?: string[]
  required?: boolean
}>()
const emit = defineEmits<{ leave: [] }>()

interface Named {
  readonly id: number
  readonly title: string
}

const typed = ref('')
const search = refDebounced(typed, 200)
const { known } = useKnown<Named>(() => chosen.value, '/api/bench/entries/titles')
const { answer, failure } = useAnswers<PageOfRows<EntryRow>>(() => {
  const query = new URLSearchParams({
    search: chosenTitle() === search.value ? '' : search.value,
    perPage: '20',
    sort: 'title',
    direction: 'up',
  })
  return props.collections.map((id) => ({ path: `/api/bench/collections/${id}/entries?${query}` }))
})
const items = computed(() => [
  ...new Map(
    [...known.value.values(), ...(answer.value ?? []).flatMap((one) => one.rows)].map(
      ({ id, title }) => [id, { id, title }] as const,
    ),
  ).values(),
])

function chosenTitle(): string | undefined {
  const [id] = chosen.value
  return props.one && id !== undefined ? known.value.get(id)?.title : undefined
}
</script>

<template>
  <v-autocomplete
    :label="label"
    :hint="hint"
    :persistent-hint="Boolean(hint)"
    :items="items"
    item-title="title"
    item-value="id"
    :model-value="one ? (chosen[0] ?? null) : [...chosen]"
    :multiple="!one"
    :chips="!one"
    :closable-chips="!one"
    :clearable="!required"
    :hide-selected="one"
    :no-data-text="failure ?? words.noEntries"
    :error-messages="faults"
    no-filter
    auto-select-first
    :clear-on-select="!one"
    @update:search="typed = $event ?? ''"
    @update:model-value="chosen = $event === null ? [] : [$event].flat()"
    @blur="emit('leave')"
  />
</template>
