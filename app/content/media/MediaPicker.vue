<script setup lang="ts">
import { mdiMagnify, mdiUpload } from '@mdi/js'
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import type { MediaKind } from '~~/core/content/media'
import { mediaTypes } from '~~/core/content/media'
import SheetDialog from '../../shared/SheetDialog.vue'
import { usePagedAnswer } from '../../shared/answers'
import { words } from '../words'
import { mediaWords } from './words'
import MediaTile from './MediaTile.vue'
import UploadList from './UploadList.vue'
import { useUploads } from './uploads'

/** Files to choose from, found by name, and the way to bring in one that is missing. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ kinds: readonly MediaKind[]; chosen: readonly number[] }>()
const emit = defineEmits<{ choose: [media: MediaRow] }>()

const typed = ref('')
const search = refDebounced(typed, 200)
const list = usePagedAnswer<MediaRow>((page) =>
  open.value
    ? {
        path: `/api/bench/media?${new URLSearchParams({
          kinds: props.kinds.join(','),
          search: search.value,
          page: String(page),
        })}`,
      }
    : null,
)
const { rows, total, failure, asking, more } = list
/** What is shown is about to be replaced by what was typed for. */
const isBusy = computed(() => typed.value !== search.value || asking.value)
const { uploads, bring } = useUploads()
const file = ref<HTMLInputElement | null>(null)
const title = computed(() =>
  props.kinds.length === 1 && props.kinds[0] === 'picture' ? words.choosePicture : words.chooseFile,
)
const accepted = computed(() =>
  mediaTypes
    .filter((type) => props.kinds.includes(type.kind))
    .map((type) => type.type)
    .join(','),
)

async function bringOne(files: FileList | null) {
  const [stored] = await bring([...(files ?? [])].slice(0, 1))
  if (stored) choose(stored)
}

function choose(media: MediaRow) {
  emit('choose', media)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" steady :width="860" :title="title">
    <div class="picker-head">
      <v-text-field
        v-model="typed"
        :aria-label="mediaWords.search"
        :placeholder="mediaWords.search"
        :prepend-inner-icon="mdiMagnify"
      />
      <v-btn height="40" :prepend-icon="mdiUpload" @click="file?.click()">{{ mediaWords.bringOne }}</v-btn>
      <input
        ref="file"
        type="file"
        hidden
        :accept="accepted"
        @change="bringOne(($event.target as HTMLInputElement).files)"
      />
    </div>
    <UploadList class="picker-say" :uploads="uploads" />
    <p v-if="failure" class="picker-say fault" role="alert">{{ failure }}</p>
    <p v-if="total === 0">{{ mediaWords.none }}</p>
    <ul :aria-busy="isBusy">
      <li v-for="media in rows" :key="media.id">
        <button
          type="button"
          :aria-label="words.pictureChoice(media.fileName)"
          :aria-pressed="chosen.includes(media.id)"
          @click="choose(media)"
        >
          <MediaTile :media="media" />
        </button>
        <span class="tabular">{{
          media.kind === 'picture' ? `${media.width} × ${media.height}` : media.fileName
        }}</span>
      </li>
    </ul>
    <v-btn v-if="rows.length < (total ?? 0)" class="more" height="36" @click="more">{{
      mediaWords.more((total ?? 0) - rows.length)
    }}</v-btn>
  </SheetDialog>
</template>

<style scoped>
.picker-head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  padding: 10px 24px 4px;
}

.picker-say {
  padding: 4px 24px;
  font-size: var(--size-small);
  color: var(--soft);
}

.fault {
  color: rgb(var(--v-theme-error));
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
  padding: 4px;
  list-style: none;
}

li {
  display: grid;
  gap: 4px;
  font-size: var(--size-fine);
  color: var(--soft);
}

li button {
  width: 100%;
  border-radius: 7px;
}

li button[aria-pressed='true'] :deep(.tile) {
  outline: 3px solid var(--leaf);
  outline-offset: 2px;
}

.more {
  margin: 14px 4px 0;
}
</style>
