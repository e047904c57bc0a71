<script setup lang="ts">
import { NuxtLink } from '#components'
import { mdiOpenInNew } from '@mdi/js'
import { computed } from 'vue'
import { formatDate } from '~~/core/formats/dates'
import type { PageRow } from '~~/core/pages/answers'
import MoreMenu from '../shared/MoreMenu.vue'
import type { MenuAction } from '../shared/ActionMenu.vue'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

/** A page in the list: how it looks, where it stands, what is on it, and what can be done with it. */
const props = defineProps<{ page: PageRow; actions: readonly MenuAction[] }>()
const catalogue = useCatalogue()

const state = computed(() => {
  if (props.page.publishedAt === null) return words.never
  return props.page.changed ? words.changed : words.live
})
const saved = computed(() => words.saved(formatDate(props.page.savedAt, catalogue.catalogue, 'time')))
</script>

<template>
  <div class="card">
    <span class="look" aria-hidden="true"
      ><iframe
        :key="page.version"
        :title="page.title"
        :src="`/api/bench/pages/${page.id}/document`"
        tabindex="-1"
        loading="lazy"
    /></span>
    <NuxtLink class="title" :to="`/bench/pages/${page.id}`">{{ page.title }}</NuxtLink>
    <span class="path">{{ page.path }}</span>
    <span class="listings">{{ words.listings(page.listings) }}</span>
    <span class="doing">
      <v-btn
        v-if="page.address"
        :href="page.address"
        target="_blank"
        :icon="mdiOpenInNew"
        size="32"
        variant="text"
        :aria-label="words.visit(page.title)"
      />
      <MoreMenu v-if="actions.length > 0" :label="words.more(page.title)" :actions="actions" :size="32" />
    </span>
    <span class="foot">
      <span class="state" :class="{ waiting: page.changed }">{{ state }}</span>
      <span class="saved">{{ saved }}</span>
    </span>
  </div>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 2px 0;
  padding-bottom: 14px;
}

.card > :not(.look, .doing) {
  padding-inline: 16px;
}

.look {
  grid-column: 1 / -1;
  position: relative;
  aspect-ratio: 16 / 10;
  margin-bottom: 12px;
  overflow: hidden;
  border-bottom: 1px solid var(--line);
  container-type: inline-size;
}

iframe {
  position: absolute;
  inset: 0;
  width: 1280px;
  height: 800px;
  border: 0;
  pointer-events: none;
  transform-origin: 0 0;
  transform: scale(tan(atan2(100cqw, 1280px)));
}

.title {
  font-size: var(--size-lead);
  font-weight: 700;
  padding-right: 0 !important;
  overflow-wrap: anywhere;
  color: inherit;
  text-decoration: none;
}

/* The whole card is the link's. */
.title::after {
  content: '';
  position: absolute;
  inset: 0;
  border-radius: 9px;
}

.title:focus-visible {
  outline: none;
}

.title:focus-visible::after {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}

.path {
  grid-column: 2 / -1;
  align-self: center;
  padding-left: 10px !important;
  font-size: var(--size-small);
  overflow-wrap: anywhere;
  color: var(--soft);
}

.listings {
  grid-column: 1 / 3;
  min-height: 21px;
  color: var(--text);
}

.foot {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  column-gap: 10px;
  margin-top: 10px;
  font-size: var(--size-note);
}

.state {
  font-weight: 650;
  color: var(--leaf);
}

.state.waiting {
  color: var(--rust);
}

.saved {
  color: var(--soft);
}

/* Above the link that covers the card. */
.doing {
  z-index: 1;
  display: flex;
  margin-right: 8px;
}
</style>
