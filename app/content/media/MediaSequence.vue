<script setup lang="ts">
import { mdiArrowLeft, mdiArrowRight, mdiClose, mdiPlus } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import type { MediaRow } from '~~/core/content/answers'
import { request } from '../../shared/http'
import { words } from '../words'
import MediaPicker from './MediaPicker.vue'
import MediaTile from './MediaTile.vue'

/** Pictures in an order, changed by dragging or by the arrows. */
const chosen = defineModel<readonly number[]>({ required: true })
defineProps<{ name: string }>()
const open = ref(false)
const known = ref<readonly MediaRow[]>([])
const shown = computed({
  get: () => chosen.value.flatMap((id) => known.value.find((one) => one.id === id) ?? []),
  set: (next) => (chosen.value = next.map((one) => one.id)),
})

watch(chosen, show, { immediate: true })

async function show(ids: readonly number[]) {
  const unknown = ids.filter((id) => !known.value.some((one) => one.id === id))
  if (unknown.length === 0) return
  const found = await request<readonly MediaRow[]>(
    'GET',
    `/api/bench/media/chosen?ids=${unknown.join(',')}`,
  ).catch(() => [])
  known.value = [...known.value, ...found]
}

function add(media: MediaRow) {
  known.value = [...known.value, media]
  if (!chosen.value.includes(media.id)) chosen.value = [...chosen.value, media.id]
}

function move(at: number, by: number) {
  const next = [...chosen.value]
  const [moved] = next.splice(at, 1)
  if (moved === undefined) return
  next.splice(at + by, 0, moved)
  chosen.value = next
}
</script>

<template>
  <div>
    <VueDraggable v-model="shown" tag="ul" :animation="120" class="sequence">
      <li v-for="(media, at) in shown" :key="media.id">
        <MediaTile :media="media" />
        <div class="tools">
          <v-btn
            :icon="mdiArrowLeft"
            size="28"
            variant="text"
            :disabled="at === 0"
            :aria-label="words.media.earlier(media.fileName)"
            @click="move(at, -1)"
          />
          <v-btn
            :icon="mdiArrowRight"
            size="28"
            variant="text"
            :disabled="at === shown.length - 1"
            :aria-label="words.media.later(media.fileName)"
            @click="move(at, 1)"
          />
          <v-btn
            :icon="mdiClose"
            size="28"
            variant="text"
            :aria-label="words.removeFrom(media.fileName)"
            @click="chosen = chosen.filter((id) => id !== media.id)"
          />
        </div>
      </li>
    </VueDraggable>
    <v-btn height="34" :prepend-icon="mdiPlus" @click="open = true">{{ words.media.addPicture(name) }}</v-btn>
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

li {
  cursor: grab;
}

.tools {
  display: flex;
  justify-content: space-between;
}
</style>
