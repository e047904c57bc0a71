<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { OwnFont } from '~~/core/looks/fonts/own-fonts'
import { attempt, succeeded } from '../shared/attempt'
import { request, RequestProblem, uploadFile } from '../shared/http'
import { fetchSamples, sampleFamily } from '../shared/looks/font-samples'
import { words as shared } from '../shared/words'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { words } from './words'

/** The fonts that the site brought with it: more are brought, and each can be taken away, at once. */
const emit = defineEmits<{ changed: [] }>()
const catalogue = useCatalogue()
const notices = useNotices()
const fonts = computed(() => catalogue.catalogue.fonts.filter(({ isOwn }) => isOwn))
watch(fonts, fetchSamples, { immediate: true })

const file = useTemplateRef<HTMLInputElement>('file')
const isBusy = ref(false)
const told = ref<readonly string[]>([])

async function bring() {
  const files = [...(file.value?.files ?? [])]
  // The same file can be chosen again.
  if (file.value !== null) file.value.value = ''
  isBusy.value = true
  told.value = []
  try {
    for (const one of files) told.value = [...told.value, await brought(one)]
  } finally {
    isBusy.value = false
  }
  await again()
}

/** Brings one file, and says what came of it. */
async function brought(one: File): Promise<string> {
  try {
    const { signal } = new AbortController()
    const font = await uploadFile<OwnFont>('/api/bench/site/fonts', one, () => undefined, signal)
    return words.fonts.brought(font.title, font.files.length)
  } catch (error) {
    if (!(error instanceof RequestProblem)) throw error
    return words.fonts.refused(one.name, error.message)
  }
}

async function remove(name: string, title: string) {
  const path = `/api/bench/site/fonts/${name}`
  if (!(await succeeded(() => request('DELETE', path)))) return
  await again()
  notices.tell({
    text: words.fonts.removed(title),
    action: {
      title: shared.undo,
      run: async () => {
        await succeeded(() => request('POST', `${path}/restore`))
        await again()
      },
    },
  })
}

async function again() {
  await attempt(() => catalogue.load())
  emit('changed')
}
</script>

<template>
  <section :aria-label="words.fonts.own">
    <h3>{{ words.fonts.own }}</h3>
    <ul v-if="fonts.length > 0">
      <li v-for="font in fonts" :key="font.name">
        <span class="sample" :style="{ fontFamily: `'${sampleFamily(font)}'` }">{{ font.title }}</span>
        <v-btn
          :icon="mdiClose"
          size="32"
          variant="text"
          :aria-label="words.fonts.remove(font.title)"
          @click="remove(font.name, font.title)"
        />
      </li>
    </ul>
    <p v-else class="note">{{ words.fonts.none }}</p>
    <v-btn height="34" :loading="isBusy" @click="file?.click()">{{ words.fonts.bring }}</v-btn>
    <input
      ref="file"
      type="file"
      accept=".woff2,font/woff2"
      multiple
      hidden
      :aria-label="words.fonts.bring"
      @change="bring"
    />
    <ul v-if="told.length > 0" class="note" role="status">
      <li v-for="(one, at) in told" :key="at">{{ one }}</li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  justify-items: start;
  gap: 8px;
}

h3 {
  font-size: var(--size-body);
}

ul {
  display: grid;
  gap: 4px;
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
}

.sample {
  overflow: hidden;
  font-size: var(--size-lead);
  text-overflow: ellipsis;
  white-space: nowrap;
}

.note {
  color: var(--soft);
  font-size: var(--size-small);
}
</style>
