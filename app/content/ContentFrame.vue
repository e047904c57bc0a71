<script setup lang="ts">
import { NuxtLink } from '#components'
import { useRoute } from '#imports'
import { computed, ref } from 'vue'
import { request } from '../shared/http'
import TopLine from '../shared/TopLine.vue'
import { useCatalogue } from '../stores/catalogue'
import type { CollectionRow } from '~~/core/content/answers'
import { words } from './words'

/** The Content screens' frame: the collections at the side, what is open beside them. */
const route = useRoute()
const catalogue = useCatalogue()
const collections = ref<readonly CollectionRow[]>([])
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

async function load() {
  const [rows] = await Promise.all([request<readonly CollectionRow[]>('GET', '/api/bench/collections'), catalogue.load()])
  collections.value = rows
}

void load()
defineExpose({ load })
</script>

<template>
  <TopLine><slot name="actions" /></TopLine>
  <div class="content">
    <nav :aria-label="words.collections">
      <h2>{{ words.collections }}</h2>
      <NuxtLink
        v-for="one in collections"
        :key="one.id"
        :to="`/bench/content/${one.slug}`"
        :class="{ here: route.params.collection === one.slug }"
        :aria-current="route.params.collection === one.slug ? 'page' : undefined"
      >
        {{ one.name }}<span class="tabular">{{ format.format(one.entries) }}</span>
      </NuxtLink>
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
  padding: 18px 10px;
  background: var(--paper);
  border-right: 1px solid var(--line);
}

h2 {
  padding: 0 8px 8px;
  font-size: 12.5px;
  font-weight: 600;
  color: var(--soft);
}

nav a {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 34px;
  padding: 0 8px;
  border-radius: 6px;
  color: inherit;
  font-weight: 500;
  text-decoration: none;
}

nav a:hover {
  background: #f3efe3;
}

nav a.here {
  background: #e2eee5;
  color: var(--leaf);
  font-weight: 650;
}

nav a span {
  font-size: 12.5px;
  font-weight: 500;
  color: var(--soft);
}

main {
  min-width: 0;
  padding: 22px 28px 40px;
  background: #fff;
}
</style>
