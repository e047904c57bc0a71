<script setup lang="ts">
import { NuxtLink } from '#components'
import { navigateTo, useHead } from '#imports'
import { mdiOpenInNew } from '@mdi/js'
import { computed, ref } from 'vue'
import type { PageRow } from '~~/core/pages/answers'
import { formatDate } from '~~/core/formats/dates'
import { isPattern } from '~~/core/content/entry-address'
import { useAnswer } from '../../shared/answers'
import { RequestProblem, request } from '../../shared/http'
import FindField from '../../shared/FindField.vue'
import TopLine from '../../shared/TopLine.vue'
import { isFound } from '../../shared/found'
import { useCatalogue } from '../../stores/catalogue'
import { useSession } from '../../stores/session'

const words = {
  title: 'Pages',
  find: 'Find a page or a listing',
  foundNone: 'No page has that in its title, its address or its listings.',
  loading: 'Fetching the pages…',
  listings: (names: readonly string[]) => names.join(', ') || 'Nothing on it yet',
  live: 'Live',
  changed: 'Changes not live',
  never: 'Not live yet',
  saved: (date: string) => `Changed ${date}`,
  visit: (title: string) => `Live page of ${title}`,
  entryPages: 'Around each entry',
  entryPagesHint:
    'What visitors find below an entry, the same for every entry of a collection: what is related, what to read next.',
  setUp: (collection: string) => `Set up for ${collection}`,
}

const catalogue = useCatalogue()
const session = useSession()
const list = useAnswer<readonly PageRow[]>(() => ({ path: '/api/bench/pages' }))
const pages = list.answer
const refused = ref<string | null>(null)
const failure = computed(() => refused.value ?? list.failure.value)
useHead({ title: 'Pages · Bushel' })

const typed = ref('')
const found = computed(() =>
  (pages.value ?? []).filter((page) => isFound(typed.value, [page.title, page.path, ...page.listings])),
)
const sections = computed(() => {
  const around = found.value.filter((page) => isPattern(page.path))
  return [
    { title: null, pages: found.value.filter((page) => !isPattern(page.path)) },
    ...(around.length === 0 ? [] : [{ title: words.entryPages, pages: around }]),
  ]
})
/** Collections whose entries have nothing around them yet. */
const bare = computed(() =>
  catalogue.catalogue.collections.filter((one) => !pages.value?.some((page) => page.path === one.address)),
)

void catalogue.load().catch(refuse)

async function setUp(collection: number) {
  try {
    const { id } = await request<{ id: number }>('POST', `/api/bench/collections/${collection}/entry-page`)
    await navigateTo(`/bench/pages/${id}`)
  } catch (error) {
    refuse(error)
  }
}

function refuse(error: unknown) {
  refused.value = error instanceof RequestProblem ? error.message : String(error)
}

function stateOf(page: PageRow): string {
  if (page.publishedAt === null) return words.never
  return page.changed ? words.changed : words.live
}
</script>

<template>
  <TopLine />
  <main class="pages">
    <div class="head">
      <h1>
        {{ words.title }} <span>{{ catalogue.catalogue.siteName }}</span>
      </h1>
      <FindField v-model="typed" :label="words.find" />
    </div>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="pages !== undefined && found.length === 0" class="loading">{{ words.foundNone }}</p>
    <p v-else-if="pages === undefined" class="loading" role="status">{{ words.loading }}</p>
    <template v-for="section in pages === undefined ? [] : sections" :key="section.title ?? ''">
      <template v-if="section.title">
        <h2>{{ section.title }}</h2>
        <p class="hint">{{ words.entryPagesHint }}</p>
      </template>
      <ul>
        <li v-for="page in section.pages" :key="page.id">
          <div class="card">
            <span class="look" aria-hidden="true"
              ><iframe
                :title="page.title"
                :src="`/api/bench/pages/${page.id}/document`"
                tabindex="-1"
                loading="lazy"
            /></span>
            <NuxtLink class="title" :to="`/bench/pages/${page.id}`">{{ page.title }}</NuxtLink>
            <span class="path">{{ page.path }}</span>
            <span class="listings">{{ words.listings(page.listings) }}</span>
            <v-btn
              v-if="page.address"
              :href="page.address"
              target="_blank"
              :icon="mdiOpenInNew"
              size="32"
              variant="text"
              :aria-label="words.visit(page.title)"
              class="visit"
            />
            <span class="foot">
              <span class="state" :class="{ waiting: page.changed }">{{ stateOf(page) }}</span>
              <span class="saved">{{
                words.saved(formatDate(page.savedAt, catalogue.catalogue, 'time'))
              }}</span>
            </span>
          </div>
        </li>
      </ul>
    </template>
    <p v-if="pages !== undefined && bare.length && session.maySetUp" class="bare">
      <v-btn v-for="collection in bare" :key="collection.id" height="34" @click="setUp(collection.id)">{{
        words.setUp(collection.name)
      }}</v-btn>
    </p>
  </main>
</template>

<style scoped>
.pages {
  width: min(100% - 48px, 1120px);
  margin: 0 auto;
  padding: 30px 0 60px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 10px 20px;
}

h1 {
  font-size: var(--size-title);
  letter-spacing: -0.015em;
}

h1 span {
  margin-left: 8px;
  font-size: var(--size-lead);
  font-weight: 500;
  letter-spacing: 0;
  color: var(--soft);
}

h2 {
  margin-top: 38px;
  font-size: var(--size-head);
}

.hint {
  max-width: 70ch;
  margin-top: 2px;
  color: var(--soft);
}

.bare {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 16px;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 20px;
  margin: 20px 0 0;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 9px;
  overflow: hidden;
}

li:hover {
  border-color: var(--edge-strong);
}

.card {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 2px 0;
  padding-bottom: 14px;
}

.card > :not(.look, .visit) {
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
.visit {
  z-index: 1;
  margin-right: 10px;
}

.loading {
  margin-top: 20px;
  color: var(--soft);
}
</style>
