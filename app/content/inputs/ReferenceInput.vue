<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import type { ReferenceSettings } from '~~/core/content/fields/reference'
import { request } from '../../shared/http'
import { words } from '../words'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/** Entries of a collection, found by typing. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const settings = computed(() => props.field.settings as ReferenceSettings)
const chosen = computed(() => (Array.isArray(props.value) ? (props.value as number[]) : []))

const typed = ref('')
const search = refDebounced(typed, 200)
const found = ref<readonly { id: number; title: string }[]>([])
const known = ref<readonly { id: number; title: string }[]>([])
const items = computed(() => [...new Map([...known.value, ...found.value].map((one) => [one.id, one])).values()])

watch(search, find, { immediate: true })
watch(chosen, nameChosen, { immediate: true })

async function find() {
  const query = new URLSearchParams({ search: chosenTitle() === search.value ? '' : search.value, perPage: '20', sort: 'title', direction: 'up' })
  const answer = await request<{ rows: readonly EntryRow[] }>('GET', `/api/bench/collections/${settings.value.collection}/entries?${query}`).catch(() => null)
  found.value = answer?.rows ?? []
}

function chosenTitle(): string | undefined {
  return settings.value.many ? undefined : items.value.find((one) => one.id === chosen.value[0])?.title
}

async function nameChosen() {
  const unknown = chosen.value.filter((id) => !items.value.some((one) => one.id === id))
  if (unknown.length === 0) return
  const named = await request<readonly { id: number; title: string }[]>('GET', `/api/bench/entries/titles?ids=${unknown.join(',')}`).catch(() => [])
  known.value = [...known.value, ...named]
}
</script>

<template>
  <v-autocomplete
    :label="labelOf(field)"
    :hint="field.help"
    :persistent-hint="field.help !== ''"
    :items="items"
    item-title="title"
    item-value="id"
    :model-value="settings.many ? chosen : (chosen[0] ?? null)"
    :multiple="settings.many"
    :chips="settings.many"
    :closable-chips="settings.many"
    :clearable="!field.required"
    :no-data-text="words.noEntries"
    :error-messages="faults"
    no-filter
    auto-select-first
    clear-on-select
    @update:search="typed = $event ?? ''"
    @update:model-value="emit('change', $event === null ? [] : [$event].flat())"
    @blur="emit('leave')"
  />
</template>
