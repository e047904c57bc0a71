<script setup lang="ts">
import { computed } from 'vue'
import PageFrame from './PageFrame.vue'
import TrailNav from './TrailNav.vue'
import type { EntryPageView, NavigationLink } from './view'
import { words } from './words'

const props = defineProps<{
  page: EntryPageView
  language: string
  /** The way to it from the front page. */
  trail: readonly NavigationLink[]
}>()
const named = computed(() =>
  props.trail.map((step) => (step.path === '/' ? { ...step, title: words.home } : step)),
)
</script>

<template>
  <TrailNav v-if="trail.length > 1" class="entry-way" :trail="named" between="›" />
  <article class="entry">
    <header class="entry-head">
      <p v-if="page.terms.length" class="topic">
        <template v-for="(term, at) in page.terms" :key="term.path"
          ><template v-if="at > 0"> · </template><a :href="term.path">{{ term.title }}</a></template
        >
      </p>
      <h1>{{ page.title }}</h1>
      <p v-if="page.summary" class="entry-summary">{{ page.summary }}</p>
      <p class="fact">
        <template v-if="page.author">{{ words.by }} {{ page.author }} · </template>
        <time :datetime="page.date.instant">{{ page.date.text }}</time>
      </p>
    </header>
    <img
      v-if="page.picture"
      class="entry-picture"
      :src="page.picture.source"
      :srcset="page.picture.sourceSet"
      :sizes="page.picture.sizes"
      :width="page.picture.width"
      :height="page.picture.height"
      :alt="page.picture.alternative"
      :style="{ backgroundColor: page.picture.tint, maxWidth: `${page.picture.widest}px` }"
    />
    <div v-for="film in page.films" :key="film.source" class="entry-film">
      <video
        v-if="film.kind === 'video'"
        controls
        preload="metadata"
        :src="film.source"
        :aria-label="`${film.name}: ${page.title}`"
      >
        <track
          v-if="film.captions"
          kind="captions"
          :src="film.captions"
          :srclang="language"
          :label="words.captions"
          default
        />
      </video>
      <audio
        v-else
        controls
        preload="metadata"
        :src="film.source"
        :aria-label="`${film.name}: ${page.title}`"
      />
    </div>
    <dl v-if="page.facts.length || page.links.length" class="entry-facts">
      <div v-for="fact in page.facts" :key="fact.name">
        <dt>{{ fact.name }}</dt>
        <dd v-if="fact.html !== null" v-html="fact.html" />
        <dd v-else-if="fact.address !== null">
          <a :href="fact.address">{{ fact.text }}</a>
        </dd>
        <dd v-else>{{ fact.text }}</dd>
      </div>
      <div v-for="link in page.links" :key="link.name">
        <dt>{{ link.name }}</dt>
        <dd v-for="one in link.to" :key="one.path">
          <a :href="one.path">{{ one.title }}</a>
        </dd>
      </div>
    </dl>
    <div v-if="page.html" class="entry-text prose" v-html="page.html" />
    <div v-if="page.gallery.length" class="entry-gallery">
      <img
        v-for="picture in page.gallery"
        :key="picture.hash"
        :src="picture.source"
        :srcset="picture.sourceSet"
        :sizes="picture.sizes"
        :width="picture.width"
        :height="picture.height"
        :alt="picture.alternative"
        :style="{ backgroundColor: picture.tint }"
        loading="lazy"
      />
    </div>
    <p class="entry-back">
      <a :href="page.collection.path">{{ words.backTo }} {{ page.collection.title }}</a>
    </p>
  </article>
  <PageFrame v-if="page.around" class="entry-around" :frame="page.around.frame" :areas="page.around.areas" />
</template>
