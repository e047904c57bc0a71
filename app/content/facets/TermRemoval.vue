<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { TermOutcome, TermRow } from '~~/core/content/answers'
import { withDescendants } from '~~/core/content/terms'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import SheetDialog from '../../shared/SheetDialog.vue'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import { words as shared } from '../../shared/words'
import { useNotices } from '../../stores/notices'
import { words } from '../words'
import { facetWords } from './words'

/** Takes a term away, alone or into another, once somebody has said so; and brings it back. */
const props = defineProps<{
  terms: readonly (TermRow & { readonly facetId: number })[]
  format: Intl.NumberFormat
}>()
const emit = defineEmits<{ changed: [] }>()
const notices = useNotices()

const merging = shallowRef<TermRow | null>(null)
const into = ref<number | null>(null)
const deleting = shallowRef<TermRow | null>(null)
const targets = computed(() => {
  const below = merging.value === null ? [] : withDescendants(merging.value.id, props.terms)
  return props.terms
    .filter((term) => !below.includes(term.id))
    .map((term) => ({ value: term.id, title: term.name }))
})

defineExpose({
  askToMerge(term: TermRow) {
    into.value = null
    merging.value = term
  },
  askToDelete(term: TermRow) {
    deleting.value = term
  },
})

async function merge() {
  const term = merging.value
  const target = into.value
  merging.value = null
  if (term !== null && target !== null)
    await remove(term, facetWords.merged(term.name), () =>
      request('POST', `/api/bench/terms/${term.id}/merge`, { into: target }),
    )
}

async function removeAlone() {
  const term = deleting.value
  deleting.value = null
  if (term !== null)
    await remove(term, facetWords.termDeleted(term.name), () =>
      request('DELETE', `/api/bench/terms/${term.id}`),
    )
}

async function remove(term: TermRow, text: string, asking: () => Promise<TermOutcome>) {
  const done = await attempt(asking)
  emit('changed')
  if (done === null) return
  notices.tell({
    text: done.isGoingOn ? facetWords.goesOn(text) : text,
    action: { title: shared.undo, run: () => bringBack(term, done.change) },
  })
}

async function bringBack(term: TermRow, change: string) {
  if ((await attempt(() => request('DELETE', `/api/bench/term-changes/${change}`))) !== null)
    notices.tell({ text: facetWords.back(term.name) })
  emit('changed')
}
</script>

<template>
  <ConfirmDialog
    :model-value="deleting !== null"
    :title="facetWords.deleteTitle(deleting?.name ?? '')"
    :text="facetWords.deleteText(format.format(deleting?.entries ?? 0))"
    :action="words.delete"
    @update:model-value="deleting = $event ? deleting : null"
    @confirm="removeAlone"
  />
  <SheetDialog
    v-if="merging"
    :model-value="merging !== null"
    @update:model-value="merging = null"
    :width="440"
    :title="facetWords.mergeTitle(merging.name)"
  >
    <v-autocomplete
      v-model="into"
      :label="facetWords.mergeInto"
      :items="targets"
      :hint="facetWords.mergeHint"
      persistent-hint
      auto-select-first
    />
    <template #actions>
      <v-btn height="36" @click="merging = null">{{ shared.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" :disabled="into === null" @click="merge">{{
        facetWords.merge
      }}</v-btn>
    </template>
  </SheetDialog>
</template>
