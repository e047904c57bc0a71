<script setup lang="ts">
import { computed } from 'vue'
import EntryPage from './EntryPage.vue'
import ListingPage from './ListingPage.vue'
import MissingPage from './MissingPage.vue'
import SiteFoot from './SiteFoot.vue'
import SiteHead from './SiteHead.vue'
import type { FurnitureName } from '../core/pages/shared-address'
import { breadcrumbList } from './breadcrumb-list'
import type { DocumentView } from './view'
import { words } from './words'

const props = defineProps<{ view: DocumentView }>()
const title = computed(() => {
  const { page, site, alone } = props.view
  if (alone !== null) return `${alone} · ${site.name}`
  return page.title === site.name ? site.name : `${page.title} · ${site.name}`
})
const description = computed(() => {
  const { page, site } = props.view
  if (page.kind === 'entry') return page.summary
  return page.kind === 'listings' && page.introduction !== '' ? page.introduction : site.tagline
})
/** Whether the head or the foot of every page stands on it. */
function has(name: FurnitureName): boolean {
  const { page, alone } = props.view
  return alone === null && (page.kind === 'missing' || !page.without.includes(name))
}
/** What is shown where an address of the page is shared. */
const picture = computed(() => {
  const { page } = props.view
  return page.kind === 'entry' ? page.picture : null
})
</script>

<template>
  <html :lang="view.site.locale" :dir="view.site.direction">
    <head>
      <meta charset="utf-8" />
      <meta name="viewport" content="width=device-width, initial-scale=1" />
      <title>{{ title }}</title>
      <meta name="description" :content="description" />
      <template v-if="view.alone !== null">
        <meta name="robots" content="noindex" />
        <!-- What its cards lead to takes the place of the page around it. -->
        <base target="_top" />
      </template>
      <template v-else-if="view.page.kind !== 'missing'">
        <link v-if="view.canonical" rel="canonical" :href="view.site.address + view.canonical" />
        <meta
          v-if="view.canonical && view.site.address"
          property="og:url"
          :content="view.site.address + view.canonical"
        />
        <meta property="og:title" :content="view.page.title" />
        <meta property="og:description" :content="description" />
        <meta property="og:type" :content="view.page.kind === 'entry' ? 'article' : 'website'" />
        <meta property="og:site_name" :content="view.site.name" />
        <meta v-if="picture" property="og:image" :content="view.site.address + picture.source" />
        <component
          :is="'script'"
          v-if="view.trail.length > 1"
          type="application/ld+json"
          :innerHTML="breadcrumbList(view.trail, view.site)"
        />
      </template>
      <link v-if="view.site.icon" rel="icon" :href="view.site.icon" />
      <link v-else rel="icon" href="/mark.svg" type="image/svg+xml" />
      <link
        v-for="font in view.fonts"
        :key="font.address"
        rel="preload"
        :href="font.address"
        :data-family="font.family"
        as="font"
        type="font/woff2"
        crossorigin="anonymous"
      />
      <link rel="stylesheet" :href="view.stylesheet" />
      <component :is="'script'" v-if="view.driven" :src="view.fontsFirst" />
      <component :is="'style'" id="listing-styles" :innerHTML="view.css" />
      <component
        :is="'script'"
        v-if="view.script"
        type="module"
        :blocking="view.driven ? 'render' : undefined"
        :src="view.script"
      />
    </head>
    <body
      :data-page="view.pageId ?? undefined"
      :data-seen="view.seen ?? undefined"
      :data-at="view.pageId === null ? undefined : view.at"
      :data-entry="view.entryId ?? undefined"
      :data-alone="view.alone === null ? undefined : ''"
    >
      <a v-if="view.alone === null" class="skip" href="#content">{{ words.skip }}</a>
      <div class="site">
        <SiteHead v-if="has('head')" :site="view.site" :own="view.site.furniture.head" />
        <main id="content" tabindex="-1">
          <ListingPage v-if="view.page.kind === 'listings'" :page="view.page" />
          <EntryPage v-else-if="view.page.kind === 'entry'" :page="view.page" :trail="view.trail" />
          <MissingPage v-else :page="view.page" :menu="view.site.navigation.head" />
        </main>
        <SiteFoot v-if="has('foot')" :site="view.site" :own="view.site.furniture.foot" />
      </div>
    </body>
  </html>
</template>
