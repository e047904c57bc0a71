<script setup lang="ts">
import { computed } from 'vue'
import { areasOf } from '~~/core/pages/standing'
import { fetchedLater } from '../../shared/fetched-later'
import { useDraft } from '../../stores/bench/draft'
import { useView } from '../../stores/bench/view'
import { useSession } from '../../stores/session'
import AreaSection from './AreaSection.vue'
import PlacementRows from './PlacementRows.vue'
import { words } from './words'

/** What lies elsewhere comes after the page. */
const ShelvesOfOthers = fetchedLater(() => import('./ShelvesOfOthers.vue'))

/** The areas of the page in page order, with what stands in them, and its shelf; of a shared area itself. */
defineProps<{ save: () => Promise<void> }>()
const draft = useDraft()
const session = useSession()
const view = useView()
const areas = computed(() => areasOf(draft.page))
</script>

<template>
  <nav class="areas" data-region tabindex="-1" :aria-label="words.areas" data-move-room>
    <AreaSection v-for="area in areas" :key="area.name" :area="area" :save="save" />
    <section class="shelf" :aria-label="words.shelf" data-move-place>
      <header>
        <h2>{{ words.shelf }}</h2>
        <span>{{ words.shelfNote }}</span>
      </header>
      <PlacementRows spot="shelf" :empty="words.shelfEmpty" />
      <ShelvesOfOthers v-if="session.maySetUp && view.isShown" />
    </section>
  </nav>
</template>

<style scoped>
.areas {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

.shelf {
  border: 1px dashed var(--line);
  border-radius: 9px;
  background: var(--paper);
  padding: 2px 5px 5px;
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 34px;
  padding: 0 8px 0 6px;
  font-size: var(--size-fine);
  color: var(--soft);
}

h2 {
  font-size: var(--size-note);
  font-weight: 600;
}
</style>
