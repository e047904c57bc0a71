<script setup lang="ts">
import type { FilmContent } from '../../core/cards/parts/large/film'
import { words } from '../words'

defineOptions({ inheritAttrs: false })
defineProps<{ content: FilmContent }>()
</script>

<template>
  <div v-for="film in content.films" :key="film.source" class="film">
    <video
      v-if="film.kind === 'video'"
      controls
      preload="metadata"
      :src="film.source"
      :aria-label="film.name"
    >
      <track
        v-if="film.captions"
        kind="captions"
        :src="film.captions"
        :srclang="content.language"
        :label="words.captions"
        default
      />
    </video>
    <audio v-else controls preload="metadata" :src="film.source" :aria-label="film.name" />
  </div>
</template>
