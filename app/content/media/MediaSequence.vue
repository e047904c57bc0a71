<script setup lang="ts">
import { mdiArrowLeft, mdiArrowRight, mdiClose, mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import { useKnown } from '../../shared/answers'
import SortableList from '../../shared/sorting/SortableList.vue'
import { words } from '../words'
import { mediaWords } from './words'
import MediaPicker from './MediaPicker.vue'
import MediaTile from './MediaTile.vue'

/** Pictures in an order, changed by dragging or by the arrows. */
const chosen = defineModel<readonly number[]>({ required: true })
defineProps<{ name: string }>()
const open = ref(false)
const { known, learn } = useKnown<MediaRow>(() => chosen.value, '/api/bench/media/chosen')
/** Also what did not load keeps its place. */
const rows = computed(() => chosen.value.map((id) => ({ id, media: known.value.get(id) })))

function nameOf(id: number): string {
  return known.value.get(id)?.fileName ?? String(id)
}

function add(media: MediaRow) {
  learn([media])
  if (!chosen.value.includes(media.id)) chosen.value = [...chosen.value, media.id]
}
</script>

<template>
  <div>
    <SortableList
      v-slot="{ item: { id, media }, at, handle }"
      class="sequence"
      grip=".tile"
      :items="rows"
      :key-of="(row) => row.id"
      :name-of="(row) => nameOf(row.id)"
      @order="chosen = $event.map((row) => row.id)"
    >
      <MediaTile v-if="media" :media="media" />
      <span v-else class="tile unknown tabular">{{ id }}</span>
      <div class="tools">
        <v-btn
          :icon="mdiArrowLeft"
          size="28"
          variant="text"
          :data-move="`earlier ${id}`"
          :disabled="at === 0"
          :aria-label="mediaWords.earlier(nameOf(id))"
          @click="handle.onStep('left', $event.currentTarget)"
        />
        <v-btn
          :icon="mdiArrowRight"
          size="28"
          variant="text"
          :data-move="`later ${id}`"
          :disabled="at === chosen.length - 1"
          :aria-label="mediaWords.later(nameOf(id))"
          @click="handle.onStep('right', $event.currentTarget)"
        />
        <v-btn
          :icon="mdiClose"
          size="28"
          variant="text"
          :aria-label="words.removeFrom(nameOf(id))"
          @click="chosen = chosen.filter((one) => one !== id)"
        />
      </div>
    </SortableList>
    <v-btn height="34" :prepend-icon="mdiPlus" @click="open = true">{{ mediaWords.addPicture(name) }}</v-btn>
    <MediaPicker v-model="open" :kinds="['picture']" :chosen="chosen" @choose="add" />
  </div>
</template>

<style scoped>
.sequence {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 10px;
  padding: 0;
  list-style: none;
}

.sequence:not(:empty) {
  margin-bottom: 10px;
}

.tile {
  cursor: grab;
}

.unknown {
  display: grid;
  place-items: center;
  aspect-ratio: 3 / 2;
  border-radius: 6px;
  background: var(--kraft);
  color: var(--soft);
}

.tools {
  display: flex;
  justify-content: space-between;
}
</style>
