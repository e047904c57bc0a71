<script setup lang="ts">
import { computed } from 'vue'
import type { TermRow } from '~~/core/content/answers'
import { movedInto } from '~~/core/ordering'
import MoreMenu from '../../shared/MoreMenu.vue'
import DraggableRows from '../../shared/sorting/DraggableRows.vue'
import MoveHandle from '../../shared/sorting/MoveHandle.vue'
import type { Direction } from '../../shared/sorting/MoveHandle.vue'
import { holdFocus } from '../../shared/sorting/held-focus'
import { iconPaths } from '~~/site/icons'
import { facetWords } from './words'

/** Terms under one parent, each with its own below it: dragged into order and into each other. */
const props = defineProps<{
  terms: readonly TermRow[]
  parent: TermRow | null
  format: Intl.NumberFormat
  /** Where only some terms are shown, places among them say nothing: none is moved. */
  still?: boolean
  /** Whether they are only to be read. */
  fixed?: boolean
}>()
const emit = defineEmits<{
  place: [id: number, parentId: number | null, at: number]
  act: [action: 'change' | 'below' | 'merge' | 'delete', term: TermRow]
}>()

const parentId = computed(() => props.parent?.id ?? null)
const own = computed(() => props.terms.filter((term) => term.parentId === parentId.value))

/** A drag reports the list that a term came into or moved within; the one it left says nothing. */
function dropped(next: readonly TermRow[]) {
  const ids = (all: readonly TermRow[]) => all.map((term) => term.id)
  const moved = movedInto(ids(own.value), ids(next))
  if (moved !== null) emit('place', moved.item, parentId.value, moved.at)
}

function step(term: TermRow, direction: Direction, handle: HTMLElement) {
  holdFocus(handle, term.name)
  const at = own.value.indexOf(term)
  const above = own.value[at - 1]
  const { parent } = props
  if (direction === 'up' && at > 0) emit('place', term.id, parentId.value, at - 1)
  if (direction === 'down' && at < own.value.length - 1) emit('place', term.id, parentId.value, at + 1)
  if (direction === 'right' && above)
    emit('place', term.id, above.id, props.terms.filter((one) => one.parentId === above.id).length)
  if (direction === 'left' && parent) {
    const beside = props.terms.filter((one) => one.parentId === parent.parentId)
    emit('place', term.id, parent.parentId, beside.indexOf(parent) + 1)
  }
}

function actions(term: TermRow) {
  return [
    { title: facetWords.change, run: () => emit('act', 'change', term) },
    { title: facetWords.addBelow, run: () => emit('act', 'below', term) },
    { title: facetWords.merge, run: () => emit('act', 'merge', term) },
    { title: facetWords.deleteTerm, run: () => emit('act', 'delete', term) },
  ]
}
</script>

<template>
  <DraggableRows
    :items="own"
    tag="ul"
    group="terms"
    nested
    :still="still"
    :data-move-place="parent === null ? undefined : ''"
    :aria-label="parent?.name"
    @order="dropped"
  >
    <li v-for="term in own" :key="term.id">
      <div class="row">
        <MoveHandle
          v-if="!still"
          :name="term.name"
          :move="String(term.id)"
          @step="(direction, handle) => step(term, direction, handle)"
        />
        <span v-if="term.colour || term.icon" class="sign" :style="{ color: term.colour || undefined }">
          <v-icon v-if="term.icon" :icon="iconPaths[term.icon]" size="18" />
          <span v-else class="dot" />
        </span>
        <span v-if="fixed" class="name">{{ term.name }}</span>
        <button v-else type="button" class="name" @click="emit('act', 'change', term)">
          {{ term.name }}
        </button>
        <span class="count tabular">{{ format.format(term.entries) }}</span>
        <MoreMenu v-if="!fixed" :label="facetWords.more(term.name)" :actions="actions(term)" :size="32" />
      </div>
      <TermTree
        :terms="terms"
        :parent="term"
        :format="format"
        :still="still"
        :fixed="fixed"
        @place="(id, under, at) => emit('place', id, under, at)"
        @act="(action, one) => emit('act', action, one)"
      />
    </li>
  </DraggableRows>
</template>

<style scoped>
ul {
  min-height: 6px;
  padding: 0;
  list-style: none;
}

li ul {
  margin-inline-start: 15px;
  padding-inline-start: 11px;
  border-inline-start: 1px solid var(--line);
}

li ul:not(:has(li)) {
  border-color: transparent;
}

.row {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 38px;
  border-radius: 7px;
  background: var(--sheet);
}

.row:hover {
  background: var(--hover);
}

.sign {
  display: grid;
  place-items: center;
  width: 20px;
}

.dot {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: currentcolor;
}

.name {
  min-height: 32px;
  font-weight: 600;
  overflow-wrap: anywhere;
}

.name:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.count {
  margin-left: auto;
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
