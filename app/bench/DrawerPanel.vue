<script setup lang="ts">
import { useTemplateRef, watch } from 'vue'
import { useSelection } from '../stores/bench/selection'
import SidePanel from './SidePanel.vue'
import { drawers } from './drawers'
import { words } from './words'

/** What stands beside the page, one thing at a time. */
const selection = useSelection()
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
</script>

<template>
  <SidePanel
    v-if="selection.drawer"
    ref="panel"
    :data-clause="selection.drawer"
    :title="words.drawers[selection.drawer].title"
    :hint="words.drawers[selection.drawer].hint"
    :close="words.closeDrawer"
    @close="selection.openDrawer(null)"
  >
    <div class="settings">
      <component :is="drawers[selection.drawer]" :listing="selection.listing ?? undefined" />
    </div>
  </SidePanel>
  <aside v-else class="none">{{ words.nothingChosen }}</aside>
</template>

<style scoped>
.none {
  height: 100%;
  padding: 22px 16px;
  border-top: 4px solid var(--line);
  background: #fff;
  font-size: 13px;
  line-height: 1.4;
  color: var(--soft);
}

.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
}
</style>
