<script setup lang="ts">
import { NuxtLink } from '#components'
import { useRoute } from '#imports'
import { mdiAccountEditOutline, mdiFileTreeOutline, mdiImageMultipleOutline, mdiPlus } from '@mdi/js'
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { attempt } from '../shared/attempt'
import TopLine from '../shared/TopLine.vue'
import { useCatalogue } from '../stores/catalogue'
import { useCollections } from '../stores/collections'
import { useSession } from '../stores/session'
import { iconPaths } from '~~/site/icons'
import { words } from './words'
import { facetWords } from './facets/words'
import { peopleWords } from './people/words'
import { mediaWords } from './media/words'
import { collectionWords } from './collections/words'

/** The Content screens' frame: the collections at the side, what is open beside them; folded in a narrow window. */
const route = useRoute()
const isNarrow = useMediaQuery('(max-width: 800px)')
const catalogue = useCatalogue()
const session = useSession()
const collections = useCollections()
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

async function load() {
  await attempt(() => Promise.all([collections.load(), catalogue.load()]))
}

const others = [
  { path: '/bench/content/facets', title: facetWords.title, icon: mdiFileTreeOutline },
  { path: '/bench/content/media', title: mediaWords.title, icon: mdiImageMultipleOutline },
  { path: '/bench/content/people', title: peopleWords.title, icon: mdiAccountEditOutline },
]

void load()
defineExpose({ load })
</script>

<template>
  <TopLine><slot name="actions" /></TopLine>
  <div class="content">
    <nav :aria-label="words.collections">
      <details class="inside" :open="!isNarrow">
        <summary>{{ words.collections }}</summary>
        <h2>{{ words.collections }}</h2>
        <NuxtLink
          v-for="one in collections.rows"
          :key="one.id"
          :to="`/bench/content/${one.slug}`"
          :class="{ here: route.params.collection === one.slug }"
          :aria-current="route.params.collection === one.slug ? 'page' : undefined"
          :aria-description="peopleWords.entries(format.format(one.entries))"
        >
          <v-icon :icon="iconPaths[one.icon]" size="18" />
          <span class="name">{{ one.name }}</span>
          <span class="count tabular" aria-hidden="true">{{ format.format(one.entries) }}</span>
        </NuxtLink>
        <NuxtLink v-if="session.maySetUp" class="add" to="/bench/content/new">
          <v-icon :icon="mdiPlus" size="18" />{{ collectionWords.add }}
        </NuxtLink>
        <h2 class="second">{{ words.shared }}</h2>
        <NuxtLink
          v-for="one in others"
          :key="one.path"
          :to="one.path"
          :class="{ here: route.path.startsWith(one.path) }"
          :aria-current="route.path.startsWith(one.path) ? 'page' : undefined"
        >
          <v-icon :icon="one.icon" size="18" />
          <span class="name">{{ one.title }}</span>
        </NuxtLink>
      </details>
    </nav>
    <main><slot /></main>
  </div>
</template>

<style scoped>
.content {
  display: grid;
  grid-template-columns: 216px minmax(0, 1fr);
  min-height: calc(100vh - 48px);
}

nav {
  background: var(--paper);
  border-right: 1px solid var(--line);
}

.inside {
  position: sticky;
  top: 48px;
  max-height: calc(100vh - 48px);
  padding: 18px 10px;
  overflow-y: auto;
}

summary {
  display: none;
  padding: 4px 8px;
  font-weight: 600;
  cursor: pointer;
}

h2 {
  padding: 0 8px 8px;
  font-size: var(--size-note);
  font-weight: 600;
  color: var(--soft);
}

nav a {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 9px;
  align-items: center;
  min-height: 34px;
  padding: 0 8px;
  border-radius: 6px;
  color: inherit;
  font-weight: 500;
  text-decoration: none;
}

nav a:hover {
  background: var(--hover);
}

nav a.here {
  background: var(--leaf-ground);
  color: var(--leaf);
  font-weight: 650;
}

nav a.add {
  color: var(--soft);
}

.second {
  margin-top: 22px;
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.count {
  font-size: var(--size-note);
  font-weight: 500;
  color: var(--soft);
}

main {
  min-width: 0;
  padding: 22px 28px 40px;
  background: var(--sheet);
}

@media (max-width: 800px) {
  .content {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto 1fr;
  }

  nav {
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }

  .inside {
    position: static;
    padding: 6px 10px;
  }

  summary {
    display: list-item;
  }

  h2:not(.second) {
    display: none;
  }

  main {
    padding: 18px 16px 32px;
  }
}
</style>
