<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SavedSiteValues } from '~~/core/looks/site-values'
import { attempt } from '../shared/attempt'
import { request } from '../shared/http'
import { valueName } from '../shared/looks/value-names'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import { useSession } from '../stores/session'
import FontsDialog from './FontsDialog.vue'
import PaletteDialog from './PaletteDialog.vue'
import ScalesDialog from './ScalesDialog.vue'
import { words } from './words'

/** What looks are made of: the colours, on light and on dark pages, and the ways to change all of it. */
const emit = defineEmits<{ changed: [] }>()
const catalogue = useCatalogue()
const session = useSession()
const notices = useNotices()
const site = computed(() => catalogue.catalogue.values)

type Dialog = 'palette' | 'scales' | 'fonts'
/** Which dialog is open, with the values as they were then. */
const isOpen = ref<Dialog | null>(null)
const opened = ref<SavedSiteValues | null>(null)
async function open(dialog: Dialog) {
  opened.value = await attempt(() => request<SavedSiteValues>('GET', '/api/bench/site/values'))
  if (opened.value !== null) isOpen.value = dialog
}

async function saved(text: string) {
  notices.tell({ text })
  await attempt(() => catalogue.load())
  emit('changed')
}
</script>

<template>
  <section class="palette" :aria-label="words.palette.title">
    <ul>
      <li v-for="{ name, light, dark } in site.palette" :key="name">
        <span class="sets"
          ><span :style="{ background: light }" /><span :style="{ background: dark ?? light }" /></span
        >{{ valueName(name) }}
      </li>
    </ul>
    <div v-if="session.maySetUp" class="presses">
      <v-btn height="36" @click="open('palette')">{{ words.palette.change }}</v-btn>
      <v-btn height="36" @click="open('scales')">{{ words.scales.change }}</v-btn>
      <v-btn height="36" @click="open('fonts')">{{ words.fonts.change }}</v-btn>
    </div>
    <p>{{ words.palette.pages[site.pages] }}</p>
    <template v-if="opened !== null">
      <PaletteDialog
        :model-value="isOpen === 'palette'"
        :site="opened"
        @update:model-value="isOpen = null"
        @saved="saved(words.palette.saved)"
      />
      <ScalesDialog
        :model-value="isOpen === 'scales'"
        :site="opened"
        @update:model-value="isOpen = null"
        @saved="saved(words.scales.saved)"
      />
      <FontsDialog
        :model-value="isOpen === 'fonts'"
        :site="opened"
        @update:model-value="isOpen = null"
        @saved="saved(words.fonts.saved)"
        @changed="emit('changed')"
      />
    </template>
  </section>
</template>

<style scoped>
.presses {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

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
  width: 100%;
  margin: 0;
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
