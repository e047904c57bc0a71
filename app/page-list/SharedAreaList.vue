<script setup lang="ts">
import { NuxtLink } from '#components'
import type { SharedAreaRow } from '~~/core/pages/answers'
import PagesSection from './PagesSection.vue'
import { words } from './words'

/** The areas that several pages can have, with the pages that have each. */
defineProps<{ areas: readonly SharedAreaRow[]; maySetUp: boolean }>()
const emit = defineEmits<{ remove: [area: SharedAreaRow] }>()
</script>

<template>
  <PagesSection :title="words.shared" :hint="words.sharedHint">
    <ul :aria-label="words.shared">
      <li v-for="area in areas" :key="area.id">
        <span class="what">
          <NuxtLink :to="`/bench/pages/${area.id}`">{{ area.title }}</NuxtLink>
          <span class="soft">{{
            area.isOnEvery ? words.onEveryPage : words.sharedOn(area.pages.map((page) => page.title))
          }}</span>
        </span>
        <span v-if="area.changed" class="soft">{{ words.changed }}</span>
        <v-btn
          v-if="maySetUp && area.pages.length === 0"
          height="32"
          variant="text"
          :aria-label="words.deleteShared(area.title)"
          @click="emit('remove', area)"
          >{{ words.delete }}</v-btn
        >
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
  min-height: 44px;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}

.what {
  flex: 1 1 240px;
  display: grid;
  gap: 1px;
  overflow-wrap: anywhere;
}

a {
  justify-self: start;
  display: inline-flex;
  align-items: center;
  min-height: 24px;
  font-weight: 600;
  color: inherit;
}

.soft {
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
