<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SavedSiteColours } from '~~/core/looks/site-colours'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { paletteName } from '../shared/looks/palette-names'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import PaletteDialog from './PaletteDialog.vue'
import { words } from './words'

/** The colours that looks are made of, on light and on dark pages, and the way to change them. */
const emit = defineEmits<{ changed: [] }>()
const catalogue = useCatalogue()
const session = useSession()
const notices = useNotices()
const colours = computed(() => catalogue.catalogue.colours)

const isOpen = ref(false)
const opened = ref<SavedSiteColours | null>(null)
async function open() {
  opened.value = await attempt(() => request<SavedSiteColours>('GET', '/api/bench/site/colours'))
  isOpen.value = opened.value !== null
}

async function saved() {
  notices.tell({ text: words.palette.saved })
  await attempt(() => catalogue.load())
  emit('changed')
}
</script>

<template>
  <section class="palette" :aria-label="words.palette.title">
    <ul>
      <li v-for="{ name, light, dark } in colours.palette" :key="name">
        <span class="sets"
          ><span :style="{ background: light }" /><span :style="{ background: dark ?? light }" /></span
        >{{ paletteName(name) }}
      </li>
    </ul>
    <p>{{ words.palette.pages[colours.pages] }}</p>
    <v-btn v-if="session.maySetUp" height="36" @click="open">{{ words.palette.change }}</v-btn>
    <PaletteDialog v-if="opened !== null" v-model="isOpen" :colours="opened" @saved="saved" />
  </section>
</template>

<style scoped>
.palette {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px 22px;
  padding: 14px 16px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--sheet);
  font-size: var(--size-small);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 600;
}

.sets {
  display: grid;
  grid-template-columns: 1fr 1fr;
  width: 44px;
  height: 28px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  overflow: hidden;
}

p {
  margin-left: auto;
  color: var(--soft);
}
</style>
