<script setup lang="ts">
import { formatDate } from '~~/core/formats/dates'
import type { DeletedPage } from '~~/core/pages/answers'
import { sharedAreaAt } from '~~/core/pages/shared-address'
import { useCatalogue } from '../stores/catalogue'
import PagesSection from './PagesSection.vue'
import { words } from './words'

/** The pages that were deleted and can be put back. */
defineProps<{ pages: readonly DeletedPage[] }>()
const emit = defineEmits<{ restore: [page: DeletedPage] }>()
const catalogue = useCatalogue()
</script>

<template>
  <PagesSection :title="words.deletedPages">
    <ul :aria-label="words.deletedPages">
      <li v-for="page in pages" :key="page.id">
        <span>
          <strong>{{ page.title }}</strong>
          <span class="soft">{{ sharedAreaAt(page.path) === null ? page.path : words.sharedArea }}</span>
        </span>
        <span class="soft">{{ words.until(formatDate(page.until, catalogue.catalogue)) }}</span>
        <v-btn height="32" :aria-label="words.putBackPage(page.title)" @click="emit('restore', page)">{{
          words.putBack
        }}</v-btn>
      </li>
    </ul>
  </PagesSection>
</template>

<style scoped>
ul {
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}

li > :first-child {
  flex: 1 1 240px;
  overflow-wrap: anywhere;
}

.soft {
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
