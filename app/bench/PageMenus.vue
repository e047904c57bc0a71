<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { menusWith } from '~~/core/menus'
import type { SavedMenus } from '~~/core/menus'
import type { PageRow } from '~~/core/pages/answers'
import { useAnswer } from '../shared/answers'
import { fetchedLater } from '../shared/fetched-later'
import { useDraft } from '../stores/bench/draft'
import { useSession } from '../stores/session'
import { words } from './words'

const MenusDialog = fetchedLater(() => import('../shared/menus/MenusDialog.vue'))

/** In which menus of the site the page stands, and the way to them. */
const draft = useDraft()
const session = useSession()
const isOpen = ref(false)
const hasOpened = ref(false)
const { answer: menus, again } = useAnswer<SavedMenus>(() => ({ path: '/api/bench/menus' }))
const { answer: pages } = useAnswer<readonly PageRow[]>(() =>
  hasOpened.value ? { path: '/api/bench/pages' } : null,
)
const standing = computed(() => {
  if (menus.value === undefined) return ''
  const isListed = draft.path !== '/' && draft.publishedAt !== null
  const [first, second] = menusWith(menus.value, draft.pageId, isListed)
  if (first === undefined) return words.inNoMenu
  return words.inMenus[second === undefined ? first : 'both']
})

function open() {
  hasOpened.value = true
  isOpen.value = true
}
watch(isOpen, (is) => !is && void again())
</script>

<template>
  <div v-if="menus" class="menus">
    <dt>{{ words.menus }}</dt>
    <dd>
      {{ standing }}
      <button v-if="session.maySetUp" type="button" @click="open">{{ words.changeMenus }}</button>
      <MenusDialog v-if="hasOpened && pages" v-model="isOpen" :pages="pages" />
    </dd>
  </div>
</template>

<style scoped>
dt {
  color: var(--soft);
}

dd {
  margin: 0;
}

button {
  display: block;
  min-height: 26px;
  color: var(--leaf);
  font-weight: 600;
  text-decoration: underline;
}
</style>
