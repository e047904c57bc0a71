<script setup lang="ts">
import type { EntryPageView } from './view'
import { words } from './words'

defineProps<{ page: EntryPageView }>()
</script>

<template>
  <article class="entry">
    <header class="entry-head">
      <p v-if="page.terms.length" class="topic">{{ page.terms.join(' · ') }}</p>
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
      :style="{ backgroundColor: page.picture.tint }"
    />
    <div class="entry-text">
      <p v-for="(paragraph, at) in page.paragraphs" :key="at">{{ paragraph }}</p>
    </div>
    <p class="entry-back">
      <a :href="page.collection.path">{{ words.backTo }} {{ page.collection.title }}</a>
    </p>
  </article>
</template>
