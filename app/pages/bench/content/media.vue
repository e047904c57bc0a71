<script setup lang="ts">
import { useHead } from '#imports'
import { mdiMagnify, mdiUpload } from '@mdi/js'
import { refDebounced, useDropZone } from '@vueuse/core'
import { ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import { mediaKinds } from '~~/core/content/media'
import ContentFrame from '../../../content/ContentFrame.vue'
import { mediaKindNames } from '../../../content/inputs'
import MediaDialog from '../../../content/media/MediaDialog.vue'
import MediaTile from '../../../content/media/MediaTile.vue'
import UploadList from '../../../content/media/UploadList.vue'
import { sizeOf } from '../../../content/media/media-files'
import { useUploads } from '../../../content/media/uploads'
import { mediaWords } from '../../../content/media/words'
import ScreenHead from '../../../shared/ScreenHead.vue'
import { usePagedAnswer } from '../../../shared/answers'
import { useCatalogue } from '../../../stores/catalogue'
import { useNotices } from '../../../stores/notices'

const catalogue = useCatalogue()
const notices = useNotices()
useHead({ title: `${mediaWords.title} · Bushel` })

const typed = ref('')
const search = refDebounced(typed, 200)
const kind = ref('')
const kinds = [
  { value: '', title: mediaWords.any },
  ...mediaKinds.map((value) => ({ value, title: mediaKindNames[value] })),
]
const list = usePagedAnswer<MediaRow>((page) => ({
  path: `/api/bench/media?${new URLSearchParams({
    kinds: kind.value,
    search: search.value,
    page: String(page),
    perPage: '60',
  })}`,
}))
const { rows, total, failure, more, again } = list
const { uploads, bring } = useUploads()
const file = ref<HTMLInputElement | null>(null)
const place = ref<HTMLElement | null>(null)
const opened = ref<MediaRow | null>(null)
const { isOverDropZone } = useDropZone(place, { onDrop: (files) => void bringAll(files ?? []) })

async function bringAll(files: readonly File[]) {
  const stored = await bring(files)
  if (stored.length > 0) notices.tell({ text: mediaWords.brought(stored.length) })
  await again()
}
</script>

<template>
  <ContentFrame>
    <ScreenHead :title="mediaWords.title">
      <v-text-field
        v-model="typed"
        class="search"
        :aria-label="mediaWords.search"
        :placeholder="mediaWords.search"
        :prepend-inner-icon="mdiMagnify"
      />
      <v-select v-model="kind" class="kind" :items="kinds" :aria-label="mediaWords.kind" />
      <v-btn variant="flat" color="primary" height="40" :prepend-icon="mdiUpload" @click="file?.click()">{{
        mediaWords.bring
      }}</v-btn>
      <input
        ref="file"
        type="file"
        multiple
        hidden
        :aria-label="mediaWords.bring"
        @change="bringAll([...(($event.target as HTMLInputElement).files ?? [])])"
      />
    </ScreenHead>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <div ref="place" class="place" :class="{ over: isOverDropZone }">
      <p class="drop">{{ mediaWords.drop }}</p>
      <UploadList :uploads="uploads" />
      <p v-if="total === 0">{{ mediaWords.none }}</p>
      <ul>
        <li v-for="media in rows" :key="media.id">
          <button type="button" @click="opened = media">
            <MediaTile :media="media" />
            <span class="name">{{ media.fileName }}</span>
          </button>
          <span class="facts tabular"
            >{{
              media.kind === 'picture'
                ? `${media.width} × ${media.height}`
                : sizeOf(media.bytes, catalogue.catalogue.locale)
            }}
            · {{ mediaWords.uses(media.uses) }}</span
          >
        </li>
      </ul>
      <v-btn v-if="rows.length < (total ?? 0)" height="36" @click="more">{{
        mediaWords.more((total ?? 0) - rows.length)
      }}</v-btn>
    </div>
    <MediaDialog v-model="opened" @changed="again" />
  </ContentFrame>
</template>

<style scoped>
.search {
  flex: 0 1 280px;
}

.kind {
  flex: 0 0 150px;
}

.place {
  display: grid;
  gap: 14px;
  justify-items: start;
  border-radius: 10px;
}

.drop {
  display: grid;
  place-items: center;
  width: 100%;
  min-height: 52px;
  border: 1px dashed var(--edge);
  border-radius: 8px;
  font-size: var(--size-small);
  color: var(--soft);
}

.over .drop {
  border-color: var(--leaf);
  background: var(--leaf-ground);
  color: var(--leaf);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(166px, 1fr));
  gap: 18px 14px;
  width: 100%;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 2px;
}

li button {
  display: grid;
  width: 100%;
  border-radius: 7px;
}

.name {
  margin-top: 4px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--size-small);
  font-weight: 600;
}

.facts {
  font-size: var(--size-fine);
  color: var(--soft);
}

.fault {
  margin-bottom: 10px;
  color: rgb(var(--v-theme-error));
}
</style>
