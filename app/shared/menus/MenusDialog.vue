<script setup lang="ts">
import { toRaw, watch } from 'vue'
import { isPlainAddress } from '~~/core/pages/shared-address'
import type { PageRow } from '~~/core/pages/answers'
import { menuOfPages, noMenus, parseMenus } from '~~/core/menus'
import type { Menus, SavedMenus } from '~~/core/menus'
import { faultsOf } from '~~/core/parsing'
import { attempt } from '../attempt'
import FormDialog from '../FormDialog.vue'
import { useForm } from '../form'
import { request } from '../http'
import { useNotices } from '../../stores/notices'
import MenuLinks from './MenuLinks.vue'
import { words } from './words'

/** The menus at the head and the foot of every page. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ pages: readonly PageRow[] }>()
const notices = useNotices()
const form = useForm<SavedMenus>({ ...noMenus, version: 1 }, (menus) => faultsOf(parseMenus(menus)))
const { values, faults, leave, sending, problem, changed } = form

watch(open, (isOpen) => isOpen && load(), { immediate: true })

async function load() {
  const menus = await attempt(() => request<SavedMenus>('GET', '/api/bench/menus'))
  if (menus === null) open.value = false
  else form.reset(menus)
}

/** A menu of every page begins with those there are, in their order. */
function choose() {
  const pages = props.pages.filter((page) => page.path !== '/' && isPlainAddress(page.path))
  values.head = menuOfPages(
    pages.map((page) => page.id),
    () => crypto.randomUUID(),
  )
}

function set(which: keyof Menus, links: Menus['foot']) {
  values[which] = links
}

async function save() {
  const saved = await form.send(() => request('PUT', '/api/bench/menus', toRaw(values)))
  if (saved === null) return
  open.value = false
  notices.tell({ text: words.menusSaved })
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.menus"
    :width="720"
    :save="words.saveMenus"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="save"
  >
    <section :aria-label="words.menuOf.head">
      <h3>{{ words.menuOf.head }}</h3>
      <template v-if="values.head === null">
        <p class="note">{{ words.everyPage }}</p>
        <v-btn height="32" @click="choose">{{ words.chooseLinks }}</v-btn>
      </template>
      <template v-else>
        <MenuLinks
          path="head"
          :label="words.menuOf.head"
          :links="values.head"
          :pages="pages"
          :faults="faults"
          @change="set('head', $event)"
          @leave="leave"
        />
        <v-btn height="32" variant="text" @click="values.head = null">{{ words.everyPageAgain }}</v-btn>
      </template>
    </section>
    <section :aria-label="words.menuOf.foot">
      <h3>{{ words.menuOf.foot }}</h3>
      <p v-if="values.foot.length === 0" class="note">{{ words.noLinks }}</p>
      <MenuLinks
        path="foot"
        :label="words.menuOf.foot"
        :links="values.foot"
        :pages="pages"
        :faults="faults"
        @change="set('foot', $event)"
        @leave="leave"
      />
    </section>
  </FormDialog>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  justify-items: start;
  gap: 8px;
}

section + section {
  margin-top: 14px;
  padding-top: 16px;
  border-top: 1px solid var(--line);
}

h3 {
  font-size: var(--size-body);
}

.note {
  color: var(--soft);
}
</style>
