<script setup lang="ts">
import { mdiChevronRight, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import type { Field } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import { succeeded } from '../../shared/attempt'
import { request } from '../../shared/http'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import SortableList from '../../shared/sorting/SortableList.vue'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { collectionWords, fieldWords } from './words'
import FieldDialog from './FieldDialog.vue'

/** The fields of a collection in the order of its form. */
const props = defineProps<{ collection: CollectionSummary }>()
const catalogue = useCatalogue()
const notices = useNotices()
const open = ref(false)
const edited = ref<Field | null>(null)
const fields = computed(() => props.collection.fields)

function edit(field: Field | null) {
  edited.value = field
  open.value = true
}

async function order(next: readonly Field[]) {
  const ids = next.map((field) => field.id)
  await done(() => request('PUT', `/api/bench/collections/${props.collection.id}/fields/order`, { ids }))
}

async function saved(field: Field, kind: 'saved' | 'converted' | 'converting') {
  await catalogue.load()
  if (kind === 'converting') return notices.tell({ text: fieldWords.converting(field.name) })
  if (kind === 'saved') return notices.tell({ text: fieldWords.saved(field.name) })
  notices.tell({
    text: fieldWords.converted(field.name),
    action: {
      title: shared.undo,
      run: () => putBack(field, () => request('DELETE', `/api/bench/fields/${field.id}/conversion`)),
    },
  })
}

async function remove(field: Field) {
  if (!(await done(() => request('DELETE', `/api/bench/fields/${field.id}`)))) return
  notices.tell({
    text: fieldWords.deleted(field.name),
    action: {
      title: shared.undo,
      run: () => putBack(field, () => request('POST', `/api/bench/fields/${field.id}/restore`)),
    },
  })
}

async function putBack(field: Field, action: () => Promise<unknown>) {
  if (await done(action)) notices.tell({ text: fieldWords.reverted(field.name) })
}

/** Does something to the fields and shows them as they are then; whether it was done. */
async function done(action: () => Promise<unknown>): Promise<boolean> {
  const isDone = await succeeded(action)
  await catalogue.load()
  return isDone
}

function marks(field: Field): string {
  const { marks: names } = fieldWords
  const shown = (['required', 'filterable', 'sortable'] as const).filter((mark) => field[mark])
  return [fieldTypes.get(field.type).title, ...shown.map((mark) => names[mark])].join(' · ')
}
</script>

<template>
  <section :aria-label="collectionWords.fields">
    <h2>{{ collectionWords.fields }}</h2>
    <p class="hint">{{ collectionWords.fieldsHint }}</p>
    <p v-if="fields.length === 0" class="none">{{ collectionWords.noFields }}</p>
    <SortableList
      v-slot="{ item: field, handle }"
      class="list"
      :items="fields"
      :key-of="(field) => field.id"
      :name-of="(field) => field.name"
      @order="order"
    >
      <MoveHandle v-bind="handle" />
      <button type="button" class="open" :aria-description="marks(field)" @click="edit(field)">
        <span class="name">{{ field.name }}</span>
        <span class="marks" aria-hidden="true">{{ marks(field) }}</span>
        <v-icon :icon="mdiChevronRight" size="18" />
      </button>
    </SortableList>
    <v-btn height="36" :prepend-icon="mdiPlus" @click="edit(null)">{{ fieldWords.add }}</v-btn>
    <FieldDialog
      v-model="open"
      :collection-id="collection.id"
      :field="edited"
      @saved="saved"
      @remove="remove"
    />
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--size-lead);
}

.hint,
.none {
  margin: 2px 0 12px;
  font-size: var(--size-small);
  color: var(--soft);
}

.list {
  padding: 0;
  list-style: none;
}

.list:not(:empty) {
  margin-bottom: 14px;
  border: 1px solid var(--line);
  border-radius: 8px;
}

.list :deep(li) {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  align-items: center;
  background: var(--sheet);
}

.list :deep(li:first-child) {
  border-radius: 8px 8px 0 0;
}

.list :deep(li:last-child) {
  border-radius: 0 0 8px 8px;
}

.list :deep(li:only-child) {
  border-radius: 8px;
}

.list :deep(li + li) {
  border-top: 1px solid var(--line);
}

.open {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 18px;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  padding-right: 10px;
  border-radius: 8px;
}

.open:hover .name {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.name {
  font-weight: 600;
  overflow-wrap: anywhere;
}

.marks {
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
