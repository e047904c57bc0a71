<script setup lang="ts">
import { NuxtLink } from '#components'
import { computed } from 'vue'
import type { MenuAction } from '../shared/ActionMenu.vue'
import MoreMenu from '../shared/MoreMenu.vue'
import type { SiteListing } from '../shared/site-listings'
import SpecimenFrame from '../shared/SpecimenFrame.vue'
import { words } from './words'

/** A look: what it makes of real entries, and the listings that are in it. */
const props = defineProps<{
  name: string
  specimen: string | undefined
  uses: readonly SiteListing[]
  actions: readonly MenuAction[]
}>()

const places = computed(() =>
  props.uses.flatMap(({ name, listing }) =>
    listing.places.slice(0, 1).map(({ page, placement }) => ({
      name,
      page: page.title,
      to: `/bench/pages/${page.id}?choose=${placement}`,
    })),
  ),
)
</script>

<template>
  <article class="look" :aria-label="name">
    <SpecimenFrame :document="specimen" :height="284" :scale="0.62" />
    <div class="told">
      <h2>{{ name }}</h2>
      <MoreMenu v-if="actions.length > 0" :label="words.more(name)" :actions="actions" :size="32" />
      <p v-if="places.length === 0">{{ words.unused }}</p>
      <ul v-else :aria-label="words.usedBy">
        <li v-for="place in places" :key="place.to">
          <NuxtLink :to="place.to" :aria-label="words.open(place.name, place.page)">{{
            place.name
          }}</NuxtLink>
        </li>
      </ul>
    </div>
  </article>
</template>

<style scoped>
.look {
  display: grid;
  grid-template-rows: auto 1fr;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  overflow: hidden;
}

.told {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-content: start;
  align-items: center;
  gap: 0 8px;
  padding: 8px 10px 12px 16px;
  font-size: var(--size-small);
  overflow-wrap: anywhere;
}

h2 {
  font-size: var(--size-lead);
  padding-block: 4px;
  line-height: 24px;
}

p {
  grid-column: 1 / -1;
  color: var(--soft);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  grid-column: 1 / -1;
  padding: 0;
  list-style: none;
}

a {
  display: inline-block;
  min-width: 24px;
  line-height: 24px;
  color: var(--leaf);
}
</style>
