<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useId } from 'vue'
import { useBench } from '../stores/bench'
import { drawers } from './drawers'
import { words } from './words'

const bench = useBench()
const id = useId()

function rename(name: string) {
  if (name.trim() !== '') bench.editListing('Name', (before) => ({ ...before, name: name.trim() }), 'name')
}
</script>

<template>
  <aside v-if="bench.listing && bench.clause" class="drawer" :data-clause="bench.clause" :aria-label="words.clauses[bench.clause].title">
    <div class="drawer-head">
      <h2>{{ words.clauses[bench.clause].title }}</h2>
      <v-btn :icon="mdiClose" size="32" variant="text" :aria-label="words.closeDrawer" @click="bench.openClause(null)" />
    </div>
    <p class="hint">{{ words.clauses[bench.clause].hint }}</p>
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
  </aside>
  <aside v-else class="drawer none"><p class="hint">{{ words.nothingChosen }}</p></aside>
</template>

<style scoped>
.drawer {
  height: 100%;
  padding: 14px 16px 28px;
  background: #fff;
  border-top: 4px solid var(--clause, var(--line));
  overflow-y: auto;
  overscroll-behavior: contain;
}

.drawer-head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-right: -6px;
}

h2 {
  font-size: 17px;
  font-weight: 700;
  letter-spacing: -0.01em;
}

.hint {
  margin: 2px 0 14px;
  font-size: 13px;
  line-height: 1.4;
  color: var(--soft);
}

.none .hint {
  margin-top: 8px;
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
