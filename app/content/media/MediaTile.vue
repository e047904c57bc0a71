<script setup lang="ts">
import {
  mdiClosedCaptionOutline,
  mdiFileDocumentOutline,
  mdiMusicNoteOutline,
  mdiVideoOutline,
} from '@mdi/js'
import type { MediaRow } from '~~/core/content/answers'
import type { MediaKind } from '~~/core/content/media'
import { focusOf } from '~~/core/pictures/picture'
import { pictureAt } from './media-files'

/** A small picture of a file, or the sign of its kind with its name. */
defineProps<{ media: MediaRow }>()
const icons: Record<MediaKind, string> = {
  picture: mdiFileDocumentOutline,
  video: mdiVideoOutline,
  sound: mdiMusicNoteOutline,
  captions: mdiClosedCaptionOutline,
  document: mdiFileDocumentOutline,
}
</script>

<template>
  <span class="tile" :style="{ backgroundColor: media.kind === 'picture' ? media.tint : undefined }">
    <img
      v-if="media.kind === 'picture'"
      :src="pictureAt(media, 320)"
      :alt="media.alternative"
      :style="{ objectPosition: focusOf(media) }"
      loading="lazy"
    />
    <template v-else>
      <v-icon :icon="icons[media.kind]" size="30" />
      <span class="tile-name">{{ media.fileName }}</span>
    </template>
  </span>
</template>

<style scoped>
.tile {
  display: grid;
  place-items: center;
  place-content: center;
  gap: 6px;
  width: 100%;
  aspect-ratio: 3 / 2;
  padding: 0;
  border-radius: 6px;
  overflow: hidden;
  background: var(--kraft);
  color: var(--text);
}

img {
  width: 100%;
  height: 100%;
  aspect-ratio: 3 / 2;
  object-fit: cover;
}

.tile-name {
  max-width: 100%;
  padding-inline: 8px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--size-fine);
}
</style>
