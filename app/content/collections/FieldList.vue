<script setup lang="ts">
import { mdiChevronRight, mdiDragVertical, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import type { CollectionSummary } from '~~/core/content/catalogue'
import type { Field } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import { succeeded } from '../../shared/attempt'
import { request } from '../../shared/http'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { words } from '../words'
import FieldDialog from './FieldDialog.vue'

/** The fields of a collection in the order of its form. */
const props = defineProps<{ collection: CollectionSummary }>()
const catalogue = useCatalogue()
const notices = useNotices()
const open = ref(false)
const edited = ref<Field | null>(null)
const fields = computed({
  get: () => [...props.collection.fields],
  set: (next) => void order(next.map((field) => field.id)),
})

function edit(field: Field | null) {
  edited.value = field
  open.value = true
}

async function order(ids: readonly number[]) {
  await done(() => request('PUT', `/api/bench/collections/${props.collection.id}/fields/order`, { ids }))
}

async function shift(field: Field, by: number) {
  const ids = props.collection.fields.map((one) => one.id)
  const at = ids.indexOf(field.id)
  ids.splice(at, 1)
  ids.splice(Math.max(0, at + by), 0, field.id)
  await order(ids)
}

async function saved(field: Field, kind: 'saved' | 'converted') {
  await catalogue.load()
  if (kind === 'saved') return notices.tell({ text: words.field.saved(field.name) })
  notices.tell({
    text: words.field.converted(field.name),
    action: {
      title: shared.undo,
      run: () => putBack(field, () => request('DELETE', `/api/bench/fields/${field.id}/conversion`)),
    },
  })
}

async function remove(field: Field) {
  if (!(await done(() => request('DELETE', `/api/bench/fields/${field.id}`)))) return
  notices.tell({
    text: words.field.deleted(field.name),
    action: {
      title: shared.undo,
      run: () => putBack(field, () => request('POST', `/api/bench/fields/${field.id}/restore`)),
    },
  })
}

async function putBack(field: Field, action: () => Promise<unknown>) {
  if (await done(action)) notices.tell({ text: words.field.reverted(field.name) })
}

/** Does something to the fields and shows them as they are then; whether it was done. */
async function done(action: () => Promise<unknown>): Promise<boolean> {
  const isDone = await succeeded(action)
  await catalogue.load()
  return isDone
}

function marks(field: Field): string {
  const { marks: names } = words.field
  const shown = (['required', 'filterable', 'sortable'] as const).filter((mark) => field[mark])
  return [fieldTypes.get(field.type).title, ...shown.map((mark) => names[mark])].join(' · ')
}
</script>

<template>
  <section :aria-label="words.collection.fields">
    <h2>{{ words.collection.fields }}</h2>
    <p class="hint">{{ words.collection.fieldsHint }}</p>
    <p v-if="fields.length === 0" class="none">{{ words.collection.noFields }}</p>
    <VueDraggable v-model="fields" tag="ol" handle=".handle" :animation="120">
      <li v-for="field in fields" :key="field.id">
        <span
          class="handle"
          tabindex="0"
          role="button"
          :aria-label="words.field.move(field.name)"
          @keydown.up.prevent="shift(field, -1)"
          @keydown.down.prevent="shift(field, 1)"
          ><v-icon :icon="mdiDragVertical" size="18"
        /></span>
        <button type="button" class="open" :aria-description="marks(field)" @click="edit(field)">
          <span class="name">{{ field.name }}</span>
          <span class="marks" aria-hidden="true">{{ marks(field) }}</span>
          <v-icon :icon="mdiChevronRight" size="18" />
        </button>
      </li>
    </VueDraggable>
    <v-btn height="36" :prepend-icon="mdiPlus" @click="edit(null)">{{ words.field.add }}</v-btn>
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
  font-size: 16px;
}

.hint,
.none {
  margin: 2px 0 12px;
  font-size: 13px;
  color: var(--soft);
}

ol {
  padding: 0;
  list-style: none;
}

ol:not(:empty) {
  margin-bottom: 14px;
  border: 1px solid var(--line);
  border-radius: 8px;
}

li {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  align-items: center;
  background: #fff;
}

li:first-child {
  border-radius: 8px 8px 0 0;
}

li:last-child {
  border-radius: 0 0 8px 8px;
}

li:only-child {
  border-radius: 8px;
}

li + li {
  border-top: 1px solid var(--line);
}

.handle {
  display: grid;
  place-items: center;
  height: 100%;
  border-radius: 8px;
  color: #a39a83;
  cursor: grab;
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
  font-size: 12.5px;
  color: var(--soft);
}
</style>
