<script setup lang="ts">
import { computed, ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import type { MediaKind } from '~~/core/content/media'
import { useKnown } from '../../shared/answers'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import MediaPicker from './MediaPicker.vue'
import MediaTile from './MediaTile.vue'
import { pictureAt, sizeOf } from './media-files'

/** One file, chosen from those there are or brought in. */
const chosen = defineModel<number | null>({ required: true })
const props = defineProps<{
  kinds: readonly MediaKind[]
  name: string
  /** What stands while nothing is chosen here, and what it is called. */
  otherwise?: number | null
  otherwiseName?: string
}>()
const emit = defineEmits<{ chosen: [media: MediaRow] }>()
const catalogue = useCatalogue()
const open = ref(false)
const { known, learn } = useKnown<MediaRow>(
  () => [chosen.value ?? props.otherwise ?? null].filter((id) => id !== null),
  '/api/bench/media/chosen',
)
const current = computed(() => known.value.get(chosen.value ?? props.otherwise ?? 0) ?? null)

function choose(media: MediaRow) {
  learn([media])
  chosen.value = media.id
  emit('chosen', media)
}
</script>

<template>
  <div class="choice">
    <img
      v-if="current?.kind === 'picture'"
      :src="pictureAt(current, 480)"
      :alt="current.alternative"
      :class="{ otherwise: chosen === null }"
      :style="{ aspectRatio: `${current.width} / ${current.height}`, backgroundColor: current.tint }"
    />
    <MediaTile v-else-if="current" class="file" :media="current" />
    <p v-else class="none">
      {{ kinds.includes('picture') && kinds.length === 1 ? words.noPicture : words.noFile }}
    </p>
    <div class="choice-actions">
      <v-btn height="34" :aria-label="words.chooseFor(name, chosen !== null)" @click="open = true">{{
        chosen === null ? words.choose : words.changePicture
      }}</v-btn>
      <v-btn
        v-if="chosen !== null"
        height="34"
        variant="text"
        :aria-label="words.removeFrom(name)"
        @click="chosen = null"
        >{{ words.removePicture }}</v-btn
      >
      <span v-if="current && chosen === null" class="size">{{ otherwiseName }}</span>
      <span v-else-if="current" class="size tabular">{{
        current.kind === 'picture'
          ? `${current.width} × ${current.height} px`
          : sizeOf(current.bytes, catalogue.catalogue.locale)
      }}</span>
    </div>
    <MediaPicker v-model="open" :kinds="kinds" :chosen="chosen === null ? [] : [chosen]" @choose="choose" />
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 8px;
}

.choice > img {
  width: 100%;
  max-height: 200px;
  object-fit: contain;
  border-radius: 7px;
}

.choice > .otherwise {
  opacity: 0.6;
}

.file {
  max-width: 220px;
}

.none {
  display: grid;
  place-items: center;
  height: 90px;
  border: 1px dashed var(--edge);
  border-radius: 7px;
  color: var(--soft);
}

.choice-actions {
  display: flex;
  align-items: center;
  gap: 6px;
}

.size {
  margin-left: auto;
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
