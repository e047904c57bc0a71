<script setup lang="ts">
import { computed, ref } from 'vue'
import { pictureAddress, widthsOf } from '~~/core/pictures/picture'
import { request } from '../shared/http'
import type { PictureRow } from '~~/core/content/answers'
import { words } from './words'

/** The lead picture of an entry, chosen from those there are. */
const chosen = defineModel<number | null>({ required: true })
const pictures = ref<readonly PictureRow[]>([])
const open = ref(false)
const current = computed(() => pictures.value.find((one) => one.id === chosen.value))

void request<readonly PictureRow[]>('GET', '/api/bench/pictures').then((rows) => (pictures.value = rows))

function address(picture: PictureRow, least: number): string {
  const widths = widthsOf(picture)
  return pictureAddress(picture, widths.find((width) => width >= least) ?? picture.width)
}

function choose(id: number) {
  chosen.value = id
  open.value = false
}
</script>

<template>
  <div class="choice">
    <img
      v-if="current"
      :src="address(current, 480)"
      :alt="current.alternative"
      :style="{ aspectRatio: `${current.width} / ${current.height}`, backgroundColor: current.tint }"
    />
    <p v-else class="none">{{ words.noPicture }}</p>
    <div class="picture-actions">
      <v-btn height="34" @click="open = true">{{ current ? words.changePicture : words.choosePicture }}</v-btn>
      <v-btn v-if="chosen !== null" height="34" variant="text" @click="chosen = null">{{ words.removePicture }}</v-btn>
      <span v-if="current" class="size tabular">{{ current.width }} × {{ current.height }} px</span>
    </div>
    <v-dialog v-model="open" max-width="860" scrollable>
      <v-card :title="words.choosePicture">
        <v-card-text>
          <ul>
            <li v-for="picture in pictures" :key="picture.id">
              <button
                type="button"
                :aria-label="words.pictureChoice(picture.fileName)"
                :aria-pressed="picture.id === chosen"
                @click="choose(picture.id)"
              >
                <img :src="address(picture, 240)" :alt="picture.alternative" loading="lazy" :style="{ backgroundColor: picture.tint }" />
                <span class="tabular">{{ picture.width }} × {{ picture.height }}</span>
              </button>
            </li>
          </ul>
        </v-card-text>
      </v-card>
    </v-dialog>
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

.none {
  display: grid;
  place-items: center;
  height: 90px;
  border: 1px dashed #c9c0ab;
  border-radius: 7px;
  color: var(--soft);
}

.picture-actions {
  display: flex;
  align-items: center;
  gap: 6px;
}

.size {
  margin-left: auto;
  font-size: 12.5px;
  color: var(--soft);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
  padding: 4px;
  list-style: none;
}

li button {
  display: grid;
  gap: 4px;
  width: 100%;
  border-radius: 7px;
  font-size: 12px;
  color: var(--soft);
}

li button img {
  width: 100%;
  aspect-ratio: 3 / 2;
  object-fit: cover;
  border-radius: 6px;
}

li button[aria-pressed='true'] img {
  outline: 3px solid var(--leaf);
  outline-offset: 2px;
}
</style>
