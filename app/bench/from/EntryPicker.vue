<script setup lang="ts">
import { mdiCheckboxBlankOutline, mdiCheckboxMarked, mdiMagnify } from '@mdi/js'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { EntryRow } from '~~/core/content/answers'
import { afterPress, nothingChosen } from '~~/core/listing/pick-selection'
import { formatDate } from '~~/core/formats/dates'
import SheetDialog from '../../shared/SheetDialog.vue'
import { usePagedAnswer } from '../../shared/answers'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** Entries to pick from, several at once: a press takes one or lets it go, Shift takes a stretch. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ collections: readonly number[]; picked: readonly number[] }>()
const emit = defineEmits<{ pick: [ids: readonly number[]] }>()
const catalogue = useCatalogue()

const collection = ref(0)
const typed = ref('')
const search = refDebounced(typed, 200)
const selection = ref(nothingChosen)
const { rows, total, failure, asking, more } = usePagedAnswer<EntryRow>((page) =>
  open.value && collection.value !== 0
    ? {
        path: `/api/bench/collections/${collection.value}/entries?${new URLSearchParams({
          search: search.value,
          page: String(page),
          perPage: '50',
          state: 'published',
        })}`,
      }
    : null,
)
/** What is shown is about to be replaced by what was typed for. */
const isBusy = computed(() => typed.value !== search.value || asking.value)
const list = computed(() => rows.value.map((row) => row.id))
const items = computed(() =>
  catalogue.catalogue.collections.filter((one) => props.collections.includes(one.id)),
)

watch(open, (shown) => {
  if (!shown) return
  selection.value = nothingChosen
  collection.value = props.collections[0] ?? 0
})
function press(id: number, event: MouseEvent | KeyboardEvent) {
  selection.value = afterPress(selection.value, list.value, id, { shift: event.shiftKey })
}

function step(event: KeyboardEvent, by: number) {
  const options = [
    ...((event.currentTarget as HTMLElement).closest('ul')?.querySelectorAll<HTMLElement>('[role=option]') ??
      []),
  ]
  options[options.indexOf(event.currentTarget as HTMLElement) + by]?.focus()
}

function pick() {
  emit(
    'pick',
    selection.value.chosen.filter((id) => !props.picked.includes(id)),
  )
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" steady :width="640" :title="words.pickTitle">
    <div class="find">
      <v-select
        v-if="items.length > 1"
        v-model="collection"
        :items="items"
        item-title="name"
        item-value="id"
        :label="words.pickCollection"
      />
      <v-text-field
        v-model="typed"
        :label="words.pickSearch"
        :prepend-inner-icon="mdiMagnify"
        autocomplete="off"
      />
    </div>
    <p class="hint">{{ words.pickHint }}</p>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="total === 0">{{ words.none }}</p>
    <ul v-else role="listbox" aria-multiselectable="true" :aria-label="words.pickTitle" :aria-busy="isBusy">
      <li
        v-for="(row, at) in rows"
        :key="row.id"
        role="option"
        :aria-selected="selection.chosen.includes(row.id)"
        :tabindex="at === 0 || selection.anchor === row.id ? 0 : -1"
        @click="press(row.id, $event)"
        @keydown.enter.prevent="press(row.id, $event)"
        @keydown.space.prevent="press(row.id, $event)"
        @keydown.down.prevent="step($event, 1)"
        @keydown.up.prevent="step($event, -1)"
      >
        <v-icon
          :icon="selection.chosen.includes(row.id) ? mdiCheckboxMarked : mdiCheckboxBlankOutline"
          size="20"
        />
        <span class="title">{{ row.title }}</span>
        <span v-if="picked.includes(row.id)" class="note">{{ words.picked }}</span>
        <span v-else-if="row.publishedAt" class="note tabular">{{
          formatDate(row.publishedAt, catalogue.catalogue)
        }}</span>
      </li>
    </ul>
    <v-btn v-if="rows.length < (total ?? 0)" height="34" class="more" @click="more">{{ shared.more }}</v-btn>
    <template #actions>
      <v-btn height="36" @click="open = false">{{ shared.cancel }}</v-btn>
      <v-btn
        height="36"
        variant="flat"
        color="primary"
        :disabled="selection.chosen.length === 0"
        @click="pick"
        >{{ words.pickChosen(selection.chosen.length) }}</v-btn
      >
    </template>
  </SheetDialog>
</template>

<style scoped>
.find {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0 4px;
}

.hint {
  padding: 4px 0 8px;
  font-size: var(--size-small);
  color: var(--soft);
}

ul {
  max-height: 46vh;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: 8px;
  list-style: none;
  user-select: none;
}

li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  padding: 6px 12px;
  cursor: default;
}

li + li {
  border-top: 1px solid var(--line);
}

li:hover {
  background: var(--hover);
}

li[aria-selected='true'] {
  background: var(--leaf-ground);
  color: var(--leaf);
}

li:focus-visible {
  outline-offset: -3px;
}

.title {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
  font-weight: 600;
}

.note {
  font-size: var(--size-note);
  color: var(--soft);
}

.more {
  margin-top: 10px;
}
</style>
