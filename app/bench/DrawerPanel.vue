<script setup lang="ts">
import { useId, useTemplateRef, watch } from 'vue'
import { useBench } from '../stores/bench'
import SidePanel from './SidePanel.vue'
import { drawers } from './drawers'
import { words } from './words'

const bench = useBench()
const id = useId()
const panel = useTemplateRef('panel')

/** Who opens a clause goes on in it; who chooses a listing stays where they are. */
watch(
  () => bench.drawerWanted,
  (wanted) => {
    if (!wanted) return
    bench.drawerWanted = false
    panel.value?.takeFocus()
  },
  { immediate: true, flush: 'post' },
)

function rename(name: string) {
  if (name.trim() !== '') bench.editListing('Name', (before) => ({ ...before, name: name.trim() }), 'name')
}
</script>

<template>
  <SidePanel
    v-if="bench.listing && bench.clause"
    ref="panel"
    :data-clause="bench.clause"
    :title="words.clauses[bench.clause].title"
    :hint="words.clauses[bench.clause].hint"
    :close="words.closeDrawer"
    @close="bench.openClause(null)"
  >
    <div class="settings">
      <component :is="drawers[bench.clause]" :listing="bench.listing" />
      <div v-if="bench.clause === 'from'" class="identity">
        <v-text-field
          :id="`${id}-name`"
          :label="words.name"
          maxlength="120"
          :model-value="bench.listing.name"
          @update:model-value="rename"
        />
        <v-text-field
          :label="words.heading"
          :hint="words.headingHint"
          maxlength="160"
          :model-value="bench.chosen?.heading ?? ''"
          @update:model-value="bench.editPlacement('Heading', { heading: $event ?? '' }, 'heading')"
        />
      </div>
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

.identity {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  margin-top: 6px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}
</style>
