<script setup lang="ts">
import { NuxtLink } from '#components'
import { computed } from 'vue'
import { useDraft } from '../../stores/bench/draft'
import { useSharedAreas } from './shared-areas'
import { words } from './words'

/** The pages that have the shared area in work: what changes of it changes there. */
const draft = useDraft()
const { areas, isKnown } = useSharedAreas()
const row = computed(() => areas.value.find((one) => one.id === draft.pageId))
const pages = computed(() => row.value?.pages ?? [])
</script>

<template>
  <p v-if="row?.isOnEvery" class="input-note">{{ words.onEveryPage }}</p>
  <p v-else-if="isKnown && pages.length === 0" class="input-note">{{ words.onNoPage }}</p>
  <div v-else-if="isKnown" class="pages">
    <p>{{ words.changesOn }}</p>
    <ul>
      <li v-for="page in pages" :key="page.id">
        <NuxtLink :to="`/bench/pages/${page.id}`">{{ page.title }}</NuxtLink>
        <span v-if="!page.isLive">{{ words.notLiveThere }}</span>
      </li>
    </ul>
  </div>
  <p v-else class="input-note" role="status">{{ words.looking }}</p>
</template>

<style scoped>
.pages {
  padding: 9px 11px;
  border-radius: 7px;
  background: var(--kraft);
  font-size: var(--size-small);
}

p,
ul {
  margin: 0;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: center;
  min-height: 28px;
  overflow-wrap: anywhere;
}

a {
  font-weight: 600;
  color: inherit;
}

span {
  color: var(--soft);
}
</style>
