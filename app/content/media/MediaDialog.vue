<script setup lang="ts">
import { NuxtLink } from '#components'
import { computed, watch } from 'vue'
import type { MediaRow, MediaUse } from '~~/core/content/answers'
import { fileAddress, parseMediaInput } from '~~/core/content/media'
import type { MediaInput } from '~~/core/content/media'
import { faultsOf } from '~~/core/parsing'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useForm } from '../../shared/form'
import { useAnswer } from '../../shared/answers'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import { words as shared } from '../../shared/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { mediaWords } from './words'
import { pictureAt, sizeOf } from './media-files'

/** A stored file: what is said about it, the point that cropping keeps, where it is used. */
const media = defineModel<MediaRow | null>({ required: true })
const emit = defineEmits<{ changed: [] }>()
const catalogue = useCatalogue()
const notices = useNotices()
const { answer: uses, failure: usesUnknown } = useAnswer<readonly MediaUse[]>(
  () => (media.value === null ? null : { path: `/api/bench/media/${media.value.id}/uses` }),
  { keep: false },
)
const form = useForm<MediaInput>(
  { fileName: '', alternative: '', credit: '', focalX: 0.5, focalY: 0.5 },
  (values) => faultsOf(parseMediaInput({ ...values })),
)
const { values, faults, leave, sending, problem } = form
const percent = computed(() => ({ x: Math.round(values.focalX * 100), y: Math.round(values.focalY * 100) }))

watch(media, (shown) => {
  if (shown === null) return
  const { fileName, alternative, credit, focalX, focalY } = shown
  form.reset({ fileName, alternative, credit, focalX, focalY })
})

function point(event: MouseEvent) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  // Pressed by key, a button reports no place; the arrows move the point then.
  if (event.detail === 0) return
  values.focalX = inside((event.clientX - box.left) / box.width)
  values.focalY = inside((event.clientY - box.top) / box.height)
}

function nudge(x: number, y: number) {
  values.focalX = inside(values.focalX + x)
  values.focalY = inside(values.focalY + y)
}

function inside(share: number): number {
  return Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000
}

async function save() {
  const shown = media.value
  if (shown === null) return
  const saved = await form.send(() => request<MediaRow>('PUT', `/api/bench/media/${shown.id}`, { ...values }))
  if (saved === null) return
  media.value = null
  notices.tell({ text: mediaWords.saved(saved.fileName) })
  emit('changed')
}

async function remove() {
  const shown = media.value
  if (shown === null) return
  const gone = await form.send(() => request('DELETE', `/api/bench/media/${shown.id}`))
  if (gone === null) return
  media.value = null
  notices.tell({
    text: mediaWords.deleted(shown.fileName),
    action: { title: shared.undo, run: () => putBack(shown) },
  })
  emit('changed')
}

async function putBack(gone: MediaRow) {
  await attempt(() => request('POST', `/api/bench/media/${gone.id}/restore`))
  emit('changed')
}
</script>

<template>
  <SheetDialog
    v-if="media"
    :model-value="media !== null"
    @update:model-value="media = null"
    :width="820"
    :title="media.fileName"
  >
    <div class="sheet">
      <div class="shown">
        <button
          v-if="media.kind === 'picture'"
          type="button"
          class="focus"
          :aria-label="mediaWords.focusAt(percent.x, percent.y)"
          @click="point"
          @keydown.left.prevent="nudge(-0.02, 0)"
          @keydown.right.prevent="nudge(0.02, 0)"
          @keydown.up.prevent="nudge(0, -0.02)"
          @keydown.down.prevent="nudge(0, 0.02)"
        >
          <img
            :src="pictureAt(media, 800)"
            alt=""
            :style="{ backgroundColor: media.tint, aspectRatio: `${media.width} / ${media.height}` }"
          />
          <span class="spot" :style="{ left: `${percent.x}%`, top: `${percent.y}%` }" />
        </button>
        <video v-else-if="media.kind === 'video'" controls :src="fileAddress(media)" />
        <audio v-else-if="media.kind === 'sound'" controls :src="fileAddress(media)" />
        <a v-else :href="fileAddress(media)" target="_blank">{{ mediaWords.open(media.fileName) }}</a>
        <p v-if="media.kind === 'picture'" class="note">{{ mediaWords.focus }}</p>
        <p class="note tabular">
          {{ media.type }} ·
          <template v-if="media.kind === 'picture'">{{ media.width }} × {{ media.height }} px · </template
          >{{ sizeOf(media.bytes, catalogue.catalogue.locale) }}
        </p>
      </div>
      <form novalidate @submit.prevent="save">
        <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
        <v-text-field
          v-model="values.fileName"
          :label="mediaWords.fileName"
          :error-messages="faults('fileName')"
          @blur="leave('fileName')"
        />
        <v-textarea
          v-model="values.alternative"
          :label="mediaWords.alternative"
          :hint="mediaWords.alternativeHint"
          persistent-hint
          rows="2"
          auto-grow
          :error-messages="faults('alternative')"
          @blur="leave('alternative')"
        />
        <v-text-field
          v-model="values.credit"
          :label="mediaWords.credit"
          :error-messages="faults('credit')"
          @blur="leave('credit')"
        />
        <p v-if="usesUnknown" class="problem" role="alert">{{ usesUnknown }}</p>
        <section v-if="uses?.length" :aria-label="mediaWords.usedIn">
          <p class="input-title">{{ mediaWords.usedIn }}</p>
          <ul>
            <li v-for="use in uses" :key="`${use.kind} ${use.id}`">
              <NuxtLink v-if="use.kind === 'entry'" :to="`/bench/content/${use.collection}/${use.id}`">{{
                use.name
              }}</NuxtLink>
              <NuxtLink v-else-if="use.kind === 'page'" :to="`/bench/pages/${use.id}`">{{
                use.name
              }}</NuxtLink>
              <NuxtLink v-else-if="use.kind === 'look'" to="/bench/looks">{{ use.name }}</NuxtLink>
              <NuxtLink v-else-if="use.kind === 'site'" to="/bench/site">{{ use.name }}</NuxtLink>
              <template v-else>{{ use.name }}</template>
            </li>
          </ul>
        </section>
      </form>
    </div>
    <template #actions>
      <v-btn class="push-left" height="36" variant="text" color="error" @click="remove">{{
        mediaWords.delete
      }}</v-btn>
      <v-btn height="36" @click="media = null">{{ shared.cancel }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" :loading="sending" @click="save">{{
        mediaWords.save
      }}</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 24px;
}

.focus {
  position: relative;
  display: block;
  width: fit-content;
  max-width: 100%;
  cursor: crosshair;
}

.focus img,
video {
  display: block;
  max-width: 100%;
  max-height: 380px;
  border-radius: 7px;
}

.spot {
  position: absolute;
  width: 22px;
  height: 22px;
  margin: -11px 0 0 -11px;
  border: 2px solid var(--sheet);
  border-radius: 50%;
  background: color-mix(in srgb, var(--ink) 35%, transparent);
  box-shadow: 0 0 0 2px var(--ink);
  pointer-events: none;
}

.note {
  margin-top: 8px;
  font-size: var(--size-note);
  color: var(--soft);
}

form {
  display: grid;
  gap: 16px;
  align-content: start;
}

section ul {
  max-height: 120px;
  margin-top: 4px;
  padding-left: 18px;
  overflow-y: auto;
}

section a {
  display: inline-block;
  min-height: 26px;
  line-height: 26px;
  color: var(--leaf);
}
</style>
