<script setup lang="ts">
import { mdiOpenInNew } from '@mdi/js'
import { computed } from 'vue'
import { entryAddressOf } from '~~/core/content/entry-address'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { stateOf } from '~~/core/content/entry'
import { formatDate } from '~~/core/formats/dates'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import type { EntryEditing } from './entry-editing'

/** How an entry in work stands, and saving or publishing it. */
const props = defineProps<{ editing: EntryEditing; collection: CollectionSummary | undefined }>()
const emit = defineEmits<{ save: [publish: boolean] }>()
const { values, stored, changed, sending } = props.editing
const catalogue = useCatalogue()

const state = computed(() => (stored.value === null ? null : stateOf(stored.value, Date.now())))
/** Whether saving would publish what visitors have not seen yet. */
const goesLive = computed(() => values.status === 'published' && stored.value?.status !== 'published')
const isAhead = computed(() => values.publishedAt !== null && values.publishedAt > Date.now())
const address = computed(() => {
  const entry = stored.value
  if (entry === null || props.collection === undefined) return ''
  return entryAddressOf(
    props.collection.address,
    { slug: entry.slug, publishedAt: entry.publishedAt ?? 0 },
    catalogue.catalogue.zone,
  )
})
</script>

<template>
  <span class="saved" role="status">{{
    changed
      ? words.unsaved
      : stored
        ? words.savedBy(formatDate(stored.updatedAt, catalogue.catalogue, 'time'), stored.updatedBy)
        : ''
  }}</span>
  <v-btn
    v-if="stored && state === 'published' && collection"
    :href="address"
    target="_blank"
    height="34"
    :append-icon="mdiOpenInNew"
    >{{ words.visit }}</v-btn
  >
  <v-btn
    v-if="!goesLive"
    height="34"
    :loading="sending"
    :variant="values.status === 'draft' ? 'outlined' : 'flat'"
    :color="values.status === 'draft' ? undefined : 'primary'"
    @click="emit('save', false)"
    >{{ words.save }}</v-btn
  >
  <v-btn
    v-if="values.status === 'draft' || goesLive"
    height="34"
    variant="flat"
    color="primary"
    :loading="sending"
    @click="emit('save', true)"
    >{{ isAhead ? words.schedule : words.publish }}</v-btn
  >
</template>

<style scoped>
.saved {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
