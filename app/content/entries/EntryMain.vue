<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { baseOf } from '~~/core/content/entry-address'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { fetched } from '../../shared/fetched-later'
import { words } from '../words'
import EntryFields from './EntryFields.vue'
import type { EntryEditing } from './entry-editing'

/** What an entry says: its title and address, its texts, and the fields of its collection. */
const props = defineProps<{ editing: EntryEditing; collection: CollectionSummary | undefined }>()
const { values, faults, leave, fields, setTitle, setSlug, setValue } = props.editing

const RichTextEditor = defineAsyncComponent(() => fetched(() => import('../RichTextEditor.vue')))
</script>

<template>
  <div class="main">
    <v-text-field
      :label="words.fields.title"
      :model-value="values.title"
      :error-messages="faults('title')"
      class="title"
      @update:model-value="setTitle"
      @blur="leave('title')"
    />
    <v-text-field
      :label="words.fields.slug"
      :prefix="collection ? `${baseOf(collection.address)}/` : ''"
      :model-value="values.slug"
      :error-messages="faults('slug')"
      @update:model-value="setSlug"
      @blur="leave('slug')"
    />
    <v-textarea
      v-model="values.summary"
      :label="words.fields.summary"
      rows="2"
      auto-grow
      counter="600"
      :error-messages="faults('summary')"
      @blur="leave('summary')"
    />
    <RichTextEditor
      :label="words.fields.body"
      :model-value="values.body"
      :faults="faults('body')"
      tall
      @update:model-value="values.body = $event ?? values.body"
      @leave="leave('body')"
    />
    <section v-if="fields.length" class="own" :aria-label="words.ofCollection">
      <h2>{{ words.ofCollection }}</h2>
      <p v-if="fields.some((field) => field.required)" class="own-note">{{ words.needed }}</p>
      <EntryFields
        :fields="fields"
        :values="values.values"
        :faults="faults"
        @change="setValue"
        @leave="leave"
      />
    </section>
  </div>
</template>

<style scoped>
.main {
  display: grid;
  gap: 18px;
  align-content: start;
}

h2 {
  font-size: var(--size-lead);
  font-weight: 700;
}

.title :deep(input) {
  font-size: var(--size-head);
  font-weight: 600;
}

.own {
  display: grid;
  gap: 16px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}

.own-note {
  margin-top: -12px;
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
