<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import { request } from '../shared/http'
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
const found = ref<readonly Named[]>([])
const known = ref<readonly Named[]>([])
const items = computed(() => [
  ...new Map([...known.value, ...found.value].map((one) => [one.id, one])).values(),
])

watch([search, () => props.collections.join()], find, { immediate: true })
watch(chosen, nameChosen, { immediate: true })

async function find() {
  const query = new URLSearchParams({
    search: chosenTitle() === search.value ? '' : search.value,
    perPage: '20',
    sort: 'title',
    direction: 'up',
  })
  const answers = await Promise.all(
    props.collections.map((id) =>
      request<{ rows: readonly EntryRow[] }>('GET', `/api/bench/collections/${id}/entries?${query}`).catch(
        () => null,
      ),
    ),
  )
  found.value = answers.flatMap((answer) => answer?.rows ?? [])
}

function chosenTitle(): string | undefined {
  return props.one ? items.value.find((one) => one.id === chosen.value[0])?.title : undefined
}

async function nameChosen() {
  const unknown = chosen.value.filter((id) => !items.value.some((one) => one.id === id))
  if (unknown.length === 0) return
  const named = await request<readonly Named[]>(
    'GET',
    `/api/bench/entries/titles?ids=${unknown.join(',')}`,
  ).catch(() => [])
  known.value = [...known.value, ...named]
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
    :no-data-text="words.noEntries"
    :error-messages="faults"
    no-filter
    auto-select-first
    :clear-on-select="!one"
    @update:search="typed = $event ?? ''"
    @update:model-value="chosen = $event === null ? [] : [$event].flat()"
    @blur="emit('leave')"
  />
</template>
