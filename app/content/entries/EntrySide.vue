<script setup lang="ts">
import { computed, useId } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import InstantField from '../../shared/dates/InstantField.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import FieldMessages from '../FieldMessages.vue'
import MediaChoice from '../media/MediaChoice.vue'
import { words } from '../words'
import EntryTerms from './EntryTerms.vue'
import type { EntryEditing } from './entry-editing'

/** What is said about an entry: its state and when it is shown, whose it is, under what, with which picture. */
const props = defineProps<{ editing: EntryEditing; collection: CollectionSummary | undefined }>()
const { values, faults, leave } = props.editing
const catalogue = useCatalogue()
const id = useId()
const statuses = (['draft', 'published', 'archived'] as const).map((value) => ({
  value,
  title: words.states[value],
}))
const authors = computed(() => [{ id: null, name: words.noAuthor }, ...catalogue.catalogue.authors])
</script>

<template>
  <div class="side">
    <ChoiceSetting
      :label="words.fields.status"
      :value="values.status"
      :choices="statuses"
      @change="values.status = $event"
    />
    <InstantField
      v-model="values.publishedAt"
      :label="words.fields.publishedAt"
      :faults="faults('publishedAt')"
      @leave="leave('publishedAt')"
    />
    <InstantField
      v-model="values.expiresAt"
      :label="words.fields.expiresAt"
      :hint="words.neverExpires"
      :faults="faults('expiresAt')"
      @leave="leave('expiresAt')"
    />
    <v-autocomplete
      v-model="values.authorId"
      :items="authors"
      item-title="name"
      item-value="id"
      :label="words.fields.authorId"
      :error-messages="faults('authorId')"
    />
    <EntryTerms v-model="values.termIds" :collection="collection" :faults="faults('termIds')" />
    <section :aria-labelledby="`${id}-picture`" class="picture">
      <h2 :id="`${id}-picture`">{{ words.fields.pictureId }}</h2>
      <MediaChoice v-model="values.pictureId" :kinds="['picture']" :name="words.fields.pictureId" />
      <FieldMessages :faults="faults('pictureId')" />
    </section>
    <v-switch v-model="values.pinned" :label="words.fields.pinned" />
  </div>
</template>

<style scoped>
.side {
  display: grid;
  gap: 18px;
  align-content: start;
}

h2 {
  margin-bottom: 4px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}
</style>
