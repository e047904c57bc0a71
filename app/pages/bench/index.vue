<script setup lang="ts">
import { navigateTo, useHead } from '#imports'
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import { isPattern } from '~~/core/content/entry-address'
import type { DeletedPage, PageRow, SharedAreaRow } from '~~/core/pages/answers'
import { pageKeptDays } from '~~/core/pages/page-input'
import type { UsualPage } from '~~/core/pages/usual'
import DeletedPages from '../../page-list/DeletedPages.vue'
import NamePageDialog from '../../page-list/NamePageDialog.vue'
import NewPageDialog from '../../page-list/NewPageDialog.vue'
import PagesSection from '../../page-list/PagesSection.vue'
import PageCard from '../../page-list/PageCard.vue'
import SharedAreaList from '../../page-list/SharedAreaList.vue'
import UsualPages from '../../page-list/UsualPages.vue'
import { orderedPages, pageOrders, withPageMoved } from '../../page-list/page-order'
import type { PageOrder } from '../../page-list/page-order'
import { words } from '../../page-list/words'
import { useAnswer } from '../../shared/answers'
import { attempt, succeeded } from '../../shared/attempt'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import FindField from '../../shared/FindField.vue'
import { isFound } from '../../shared/found'
import { request } from '../../shared/http'
import MenusDialog from '../../shared/menus/MenusDialog.vue'
import TopLine from '../../shared/TopLine.vue'
import { words as shared } from '../../shared/words'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'

const catalogue = useCatalogue()
const notices = useNotices()
const session = useSession()
const list = useAnswer<readonly PageRow[]>(() => ({ path: '/api/bench/pages' }))
const gone = useAnswer<readonly DeletedPage[]>(() => ({ path: '/api/bench/pages/deleted' }))
const usual = useAnswer<readonly UsualPage[]>(() => ({ path: '/api/bench/pages/usual' }))
const sharedAreas = useAnswer<readonly SharedAreaRow[]>(() => ({ path: '/api/bench/areas' }))
const pages = list.answer
const failure = computed(
  () => list.failure.value ?? gone.failure.value ?? usual.failure.value ?? sharedAreas.failure.value,
)
useHead({ title: 'Pages · Bushel' })

/** What is shown below others waits for those, so that nothing moves once it stands. */
const below = computed(() => {
  const [shared, others] = [sharedAreas.answer.value, usual.answer.value]
  if (pages.value === undefined || shared === undefined) return { shared: [], usual: [], gone: [] }
  if (others === undefined) return { shared, usual: [], gone: [] }
  return { shared, usual: others, gone: gone.answer.value ?? [] }
})

const typed = ref('')
const order = ref<PageOrder>('site')
const orderItems = pageOrders.map((value) => ({ value, title: words.orders[value] }))
const found = computed(() =>
  (pages.value ?? []).filter((page) => isFound(typed.value, [page.title, page.path, ...page.listings])),
)
const own = computed(() => (pages.value ?? []).filter((page) => !isPattern(page.path)))
const sections = computed(() => {
  const shown = orderedPages(found.value, order.value, catalogue.catalogue.locale)
  const around = shown.filter((page) => isPattern(page.path))
  return [
    { title: undefined, pages: shown.filter((page) => !isPattern(page.path)) },
    ...(around.length === 0 ? [] : [{ title: words.manyPages, pages: around }]),
  ]
})
const taken = computed(() => new Set((pages.value ?? []).map((page) => page.path)))

const hasMenus = ref(false)
const areMenusOpen = ref(false)
const isMaking = ref(false)
const isNaming = ref(false)
const named = ref<PageRow | null>(null)
const deleting = ref<(Pick<PageRow, 'id' | 'title' | 'path'> & { readonly isOnEvery?: boolean }) | null>(null)

const deleteText = computed(() => {
  const path = deleting.value?.path ?? ''
  if (deleting.value?.isOnEvery) return words.deleteEveryText(pageKeptDays)
  return path === '' ? words.deleteSharedText(pageKeptDays) : words.deleteText(path, pageKeptDays)
})

void attempt(() => catalogue.load())

function openMenus() {
  hasMenus.value = true
  areMenusOpen.value = true
}

async function again() {
  await Promise.all([list.again(), gone.again(), usual.again(), sharedAreas.again()])
}

async function setUp({ kind, of }: UsualPage) {
  const made = await attempt(() => request<{ id: number }>('POST', '/api/bench/pages/usual', { kind, of }))
  if (made !== null) await navigateTo(`/bench/pages/${made.id}`)
}

function actionsOf(page: PageRow): readonly MenuAction[] {
  if (!session.maySetUp) return []
  const naming = { title: words.name, run: () => name(page) }
  const removing = { title: words.delete, run: () => (deleting.value = page) }
  if (isPattern(page.path)) return [naming, removing]
  const at = own.value.findIndex((one) => one.id === page.id)
  return [
    naming,
    { title: words.copy, run: () => copy(page) },
    ...(page.path !== '/' && page.publishedAt !== null
      ? [{ title: words.front, run: () => makeFront(page) }]
      : []),
    ...(order.value === 'site' && at > 0 ? [{ title: words.earlier, run: () => move(page, -1) }] : []),
    ...(order.value === 'site' && at < own.value.length - 1
      ? [{ title: words.later, run: () => move(page, 1) }]
      : []),
    ...(page.path === '/' ? [] : [removing]),
  ]
}

function name(page: PageRow) {
  named.value = page
  isNaming.value = true
}

async function saved(title: string) {
  await again()
  notices.tell({ text: words.named(title) })
}

async function copy(page: PageRow) {
  const made = await attempt(() => request<{ id: number }>('POST', `/api/bench/pages/${page.id}/copy`))
  if (made === null) return
  await again()
  notices.tell({
    text: words.copied(page.title),
    action: { title: words.openCopy, run: () => void navigateTo(`/bench/pages/${made.id}`) },
  })
}

async function makeFront(page: PageRow) {
  if (!(await succeeded(() => request('POST', `/api/bench/pages/${page.id}/front`)))) return
  await again()
  notices.tell({ text: words.fronted(page.title) })
}

async function move(page: PageRow, by: -1 | 1) {
  const ids = withPageMoved(own.value, page.id, by)
  if (await succeeded(() => request('PUT', '/api/bench/pages/order', { ids }))) await again()
}

async function remove() {
  const page = deleting.value
  deleting.value = null
  if (page === null || !(await succeeded(() => request('DELETE', `/api/bench/pages/${page.id}`)))) return
  await again()
  notices.tell({
    text: words.deleted(page.title),
    action: { title: shared.undo, run: () => restore(page) },
  })
}

async function restore(page: Pick<PageRow, 'id' | 'title'>) {
  if (await succeeded(() => request('POST', `/api/bench/pages/${page.id}/restore`)))
    notices.tell({ text: words.back(page.title) })
  await again()
}
</script>

<template>
  <TopLine />
  <main class="pages">
    <div class="head">
      <h1>
        {{ words.title }} <span>{{ catalogue.catalogue.siteName }}</span>
      </h1>
      <FindField v-model="typed" :label="words.find" />
      <v-select v-model="order" class="order" :items="orderItems" :label="words.order" />
      <v-btn v-if="session.maySetUp" height="40" @click="openMenus">{{ words.menus }}</v-btn>
      <v-btn
        v-if="session.maySetUp"
        variant="flat"
        color="primary"
        height="40"
        :prepend-icon="mdiPlus"
        @click="isMaking = true"
        >{{ words.new }}</v-btn
      >
    </div>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="pages !== undefined && found.length === 0" class="loading">{{ words.foundNone }}</p>
    <p v-else-if="pages === undefined" class="loading" role="status">{{ words.loading }}</p>
    <PagesSection
      v-for="section in pages === undefined ? [] : sections"
      :key="section.title ?? ''"
      :title="section.title"
      :hint="section.title && words.manyPagesHint"
    >
      <ul>
        <li v-for="page in section.pages" :key="page.id">
          <PageCard :page="page" :actions="actionsOf(page)" />
        </li>
      </ul>
    </PagesSection>
    <SharedAreaList
      v-if="below.shared.length > 0 && typed === ''"
      :areas="below.shared"
      :may-set-up="session.maySetUp"
      @remove="deleting = { ...$event, path: '' }"
    />
    <UsualPages
      v-if="below.usual.length > 0 && typed === ''"
      :pages="below.usual"
      :may-set-up="session.maySetUp"
      @set-up="setUp"
    />
    <DeletedPages v-if="session.maySetUp && below.gone.length > 0" :pages="below.gone" @restore="restore" />
    <MenusDialog v-if="hasMenus" v-model="areMenusOpen" :pages="pages ?? []" />
    <NewPageDialog v-model="isMaking" :taken="taken" />
    <NamePageDialog v-model="isNaming" :page="named" @saved="saved" />
    <ConfirmDialog
      :model-value="deleting !== null"
      :title="words.deleteTitle(deleting?.title ?? '')"
      :text="deleteText"
      :action="words.delete"
      @update:model-value="deleting = $event ? deleting : null"
      @confirm="remove"
    />
  </main>
</template>

<style scoped>
.pages {
  width: min(100% - 48px, 1120px);
  margin: 0 auto;
  padding: 30px 0 60px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

h1 {
  flex: 1 1 auto;
  font-size: var(--size-title);
  letter-spacing: -0.015em;
}

h1 span {
  margin-left: 8px;
  font-size: var(--size-lead);
  font-weight: 500;
  letter-spacing: 0;
  color: var(--soft);
}

.order {
  flex: 0 0 190px;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 20px;
  margin: 20px 0 0;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 9px;
  overflow: hidden;
}

li:hover {
  border-color: var(--edge-strong);
}

.loading {
  margin-top: 20px;
  color: var(--soft);
}
</style>
