<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import { fittings } from '~~/core/fittings'
import MoreMenu from '../shared/MoreMenu.vue'
import { fetchedLater } from '../shared/fetched-later'
import { useListingEdits } from '../stores/bench/listing-edits'
import { useSelection } from '../stores/bench/selection'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import SidePanel from './SidePanel.vue'
import { copiedClause, copyOf, withCopied } from './copied-clause'
import { drawers } from './drawers'
import { words } from './words'

const PageDrawer = fetchedLater(() => import('./PageDrawer.vue'))
const SharedListing = fetchedLater(() => import('./SharedListing.vue'))

/** What stands beside the page, one thing at a time. */
const selection = useSelection()
const edits = useListingEdits()
const notices = useNotices()
const session = useSession()
/** Settings are shown to everybody; Why, and what comes next, are also asked by those who change nothing. */
const isFixed = computed(() => selection.clause !== null && !session.maySetUp)
const panel = useTemplateRef('panel')

/** Who opens a drawer goes on in it; who chooses a listing stays where they are. */
watch(
  () => selection.drawerWanted,
  (wanted) => {
    if (!wanted) return
    selection.drawerWanted = false
    panel.value?.takeFocus()
  },
  { immediate: true, flush: 'post' },
)

/** A fitting is told by what it is. */
const head = computed(() => {
  if (selection.drawer === 'fitting' && selection.fitting !== null) {
    const { title, about } = fittings.get(selection.fitting.fitting.name)
    return { title, hint: `${about}.` }
  }
  return words.drawers[selection.drawer ?? 'from']
})

const actions = computed(() => [
  { title: words.copyClause, run: copy },
  ...(copiedClause.value !== null && copiedClause.value.clause === selection.clause
    ? [{ title: words.pasteClause, run: paste }]
    : []),
])

function copy() {
  if (selection.listing === null || selection.clause === null) return
  copiedClause.value = copyOf(selection.listing, selection.clause)
  notices.tell({ text: words.copiedClause })
}

function paste() {
  const copied = copiedClause.value
  if (copied === null) return
  const fault = edits.editChosen(words.pasteClause, (before) => withCopied(before, copied))
  if (fault !== null) notices.tell({ text: fault })
}
</script>

<template>
  <SidePanel
    v-if="selection.drawer"
    ref="panel"
    :data-clause="selection.drawer"
    :title="head.title"
    :hint="head.hint"
    :close="words.closeDrawer"
    @close="selection.openDrawer(null)"
  >
    <template v-if="selection.clause && session.maySetUp" #actions>
      <MoreMenu :label="words.moreClause" :actions="actions" :size="32" />
    </template>
    <SharedListing v-if="selection.listingId" :listing="selection.listingId" />
    <p v-if="isFixed" class="fixed">{{ words.onlyDesigners }}</p>
    <div class="settings" :inert="isFixed">
      <component :is="drawers[selection.drawer]" :listing="selection.listing ?? undefined" />
    </div>
  </SidePanel>
  <PageDrawer v-else />
</template>

<style scoped>
.fixed {
  margin-bottom: 12px;
  padding: 8px 10px;
  border-radius: 7px;
  background: var(--kraft);
  font-size: var(--size-small);
}

.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
</style>
