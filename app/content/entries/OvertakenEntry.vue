<script setup lang="ts">
import { computed } from 'vue'
import { formatValue } from '~~/core/content/field'
import type { Field } from '~~/core/content/field'
import type { EntryInput } from '~~/core/content/entry-input'
import { textOfDocument } from '~~/core/content/rich-text/text'
import { same } from '~~/core/same'
import { formatDate } from '~~/core/formats/dates'
import { useCatalogue } from '../../stores/catalogue'
import type { EditedEntry } from '~~/core/content/answers'
import { words } from '../words'

/** Somebody saved in between: what stands there now where it differs, and the two ways on. */
const props = defineProps<{
  message: string
  mine: EntryInput
  theirs: EditedEntry
  fields: readonly Field[]
}>()
const emit = defineEmits<{ keepMine: []; takeTheirs: [] }>()
const catalogue = useCatalogue()

const differing = computed(() => [
  ...(Object.keys(words.fields) as (keyof typeof words.fields)[])
    .filter((field) => !same(props.mine[field], props.theirs[field]))
    .map((field) => ({ label: words.fields[field], text: textOf(field) })),
  ...props.fields
    .filter((field) => !same(props.mine.values[field.id] ?? null, props.theirs.values[field.id] ?? null))
    .map((field) => ({
      label: field.name,
      text: formatValue(field, props.theirs.values[field.id], catalogue.catalogue),
    })),
])

function textOf(field: keyof typeof words.fields): string {
  const value = props.theirs[field]
  if (field === 'body') return textOfDocument(props.theirs.body)
  if (field === 'publishedAt' || field === 'expiresAt')
    return typeof value === 'number' ? formatDate(value, catalogue.catalogue, 'time') : ''
  if (field === 'authorId') return catalogue.words.author(Number(value)) ?? words.noAuthor
  if (field === 'termIds') return props.theirs.termIds.map((id) => catalogue.words.term(id) ?? '').join(', ')
  return String(value ?? '')
}
</script>

<template>
  <section class="overtaken" role="alert">
    <p>{{ message }}</p>
    <dl v-if="differing.length" :aria-label="words.theirs">
      <template v-for="one in differing" :key="one.label">
        <dt>{{ one.label }}</dt>
        <dd>{{ one.text }}</dd>
      </template>
    </dl>
    <div class="ways">
      <v-btn height="34" @click="emit('takeTheirs')">{{ words.takeTheirs }}</v-btn>
      <v-btn height="34" variant="flat" color="primary" @click="emit('keepMine')">{{ words.keepMine }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.overtaken {
  display: grid;
  gap: 10px;
  margin-bottom: 18px;
  padding: 14px 16px;
  border: 1px solid var(--rust-line);
  border-left: 4px solid var(--rust);
  border-radius: 8px;
  background: var(--rust-ground);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 16px;
  max-height: 220px;
  overflow-y: auto;
}

dt {
  color: var(--soft);
}

dd {
  white-space: pre-line;
}

.ways {
  display: flex;
  gap: 8px;
}
</style>
