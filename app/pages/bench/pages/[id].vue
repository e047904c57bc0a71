<script setup lang="ts">
import { definePageMeta, useHead, useRoute } from '#imports'
import { useTimeoutFn } from '@vueuse/core'
import { mdiArrowULeftTop, mdiArrowURightTop, mdiFormatListBulleted, mdiOpenInNew } from '@mdi/js'
import { computed, ref } from 'vue'
import { clauses } from '~~/core/listing/clauses'
import { placementsOf, spotOf, spotsOf } from '~~/core/pages/standing'
import { formatTime } from '~~/core/formats/dates'
import PagePreview from '../../../bench/preview/PagePreview.vue'
import PageRuler from '../../../bench/PageRuler.vue'
import PageTitles from '../../../bench/PageTitles.vue'
import AsOfField from '../../../bench/AsOfField.vue'
import { namedWidths } from '../../../bench/preview/named-widths'
import { drawerLoaders } from '../../../bench/drawers'
import { useFolding } from '../../../bench/folding'
import { useDraftSaving } from '../../../bench/draft-saving'
import { words } from '../../../bench/words'
import {
  fetched,
  fetchedLater,
  fetchMenuList,
  fetchNoticeBar,
  fetchWhenIdle,
} from '../../../shared/fetched-later'
import { RequestProblem } from '../../../shared/http'
import { useShortcuts } from '../../../shared/keys'
import { useSaveKey } from '../../../shared/save-key'
import TopLine from '../../../shared/TopLine.vue'
import { words as shared } from '../../../shared/words'
import { useDraft } from '../../../stores/bench/draft'
import { useSelection } from '../../../stores/bench/selection'
import { useView } from '../../../stores/bench/view'
import { useCatalogue } from '../../../stores/catalogue'
import { useNotices } from '../../../stores/notices'
import { useSession } from '../../../stores/session'

definePageMeta({ key: (route) => route.fullPath, fetchesLater: true })

/** They tell of what the page shows, which comes first. */
const AreasList = fetchedLater(() => import('../../../bench/areas/AreasList.vue'))
const DrawerPanel = fetchedLater(() => import('../../../bench/DrawerPanel.vue'))
const SentenceStrip = fetchedLater(() => import('../../../bench/SentenceStrip.vue'))
const TallyStrip = fetchedLater(() => import('../../../bench/TallyStrip.vue'))
const PublishMenu = fetchedLater(() => import('../../../bench/publishing/PublishMenu.vue'))
const OvertakenPage = fetchedLater(() => import('../../../bench/OvertakenPage.vue'))

const route = useRoute()
const draft = useDraft()
const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const saving = useDraftSaving()
const opened = ref(false)
const failure = ref<string | null>(null)
const publishing = ref(false)
const isReviewing = ref(false)
const notices = useNotices()
const session = useSession()
const { isNarrow, isLeftOpen, isRightOpen, sides, foldLeft, foldRight, closeLeft } = useFolding()

useHead({ title: () => `${draft.page.title || words.page} · Bushel` })

void open()

async function open() {
  try {
    await Promise.all([catalogue.load(), saving.load(Number(route.params.id))])
    opened.value = true
    waitForPage()
    if (Object.keys(route.query).length > 0)
      await (await fetched(() => import('../../../bench/asked'))).answerAsked(route)
  } catch (error) {
    failure.value = error instanceof RequestProblem ? error.message : String(error)
  }
}

/** Where the page does not come, the rest of the bench does all the same. */
const patience = 4000
const { start: waitForPage } = useTimeoutFn(fetchLater, patience, { immediate: false })

/** The page comes first; drawers and menus are there by the time somebody opens one. */
function fetchLater() {
  view.isShown = true
  fetchWhenIdle([fetchMenuList, fetchNoticeBar, ...drawerLoaders])
}

const saveWords = computed(() => {
  switch (saving.state.value) {
    case 'saved':
      return words.saved(formatTime(saving.savedAt.value, catalogue.catalogue))
    case 'offline':
      return words.offline
    case 'refused':
      return `${words.refused}: ${saving.message.value}`
    default:
      return words.waiting
  }
})
const saveTrouble = computed(() =>
  saving.state.value === 'offline' || saving.state.value === 'refused' ? saveWords.value : '',
)
const liveWords = computed(() =>
  draft.publishedAt === null
    ? words.neverLive
    : draft.differsFromLive || saving.state.value !== 'saved'
      ? words.notLive
      : words.live,
)

async function publish() {
  publishing.value = true
  try {
    if (await saving.publish()) notices.tell({ text: words.isLive(draft.page.title) })
  } catch (error) {
    if (!(error instanceof RequestProblem)) throw error
    notices.tell({ text: error.message })
  } finally {
    publishing.value = false
  }
}

useSaveKey(saving.save)

useShortcuts({
  title: words.keys.title,
  shortcuts: [
    ...clauses.map((clause, at) => ({
      keys: String(at + 1),
      title: words.drawers[clause].title,
      run: () => selection.openDrawer(clause),
    })),
    { keys: '0', title: words.keys.closeDrawer, run: () => selection.openDrawer(null) },
    { keys: 'w', title: words.keys.why, run: () => selection.openDrawer('why') },
    { keys: 't', title: words.keys.tally, run: () => focusOn('[data-tally]') },
    { keys: 'a', title: words.keys.add, run: add },
    { keys: 's', title: words.keys.shelve, run: shelve },
    { keys: '[', title: words.keys.narrower, run: () => stepWidth(1) },
    { keys: ']', title: words.keys.wider, run: () => stepWidth(-1) },
    { keys: ',', title: words.keys.foldLeft, run: foldLeft },
    { keys: '.', title: words.keys.foldRight, run: foldRight },
    { keys: 'F6', title: words.keys.nextRegion, run: () => goRound(1), whileTyping: true },
    { keys: 'Shift+F6', title: words.keys.lastRegion, run: () => goRound(-1), whileTyping: true },
    { keys: 'Ctrl+Z', title: shared.undo, run: draft.undo },
    { keys: 'Ctrl+Shift+Z', title: shared.redo, run: draft.redo },
    {
      keys: 'Ctrl+Enter',
      title: words.publish,
      run: () => (isReviewing.value = session.maySetUp),
      whileTyping: true,
    },
  ],
})

function focusOn(selector: string) {
  document.querySelector<HTMLElement>(selector)?.focus()
}

/** Opens what can be added where the chosen thing stands, or else in the first area. */
function add() {
  const chosen = selection.chosenId === null ? null : spotOf(draft.page, selection.chosenId)
  const spot = chosen === null || chosen === 'shelf' ? spotsOf(draft.page)[0] : chosen
  document.querySelector<HTMLElement>(`[data-add="${spot}"]`)?.click()
}

async function shelve() {
  const { usePlacing } = await fetched(() => import('../../../stores/bench/placing'))
  const chosen = placementsOf(draft.page).find((one) => one.id === selection.chosenId)
  if (chosen !== undefined && session.maySetUp && spotOf(draft.page, chosen.id) !== 'shelf')
    usePlacing().move(chosen, 'shelf', 0)
}

/** To the next narrower of the named widths, or the next wider. */
function stepWidth(by: 1 | -1) {
  const widths = namedWidths.map((one) => one.width)
  const next =
    by === 1
      ? widths.find((width) => width < view.pageWidth)
      : widths.findLast((width) => width > view.pageWidth)
  view.sideBySide = false
  if (next !== undefined) view.pageWidth = next
}

/** From one part of the screen to the next, and round. */
function goRound(by: 1 | -1) {
  const regions = Array.from(document.querySelectorAll<HTMLElement>('[data-region]')).filter(
    (one) => one.getClientRects().length > 0,
  )
  const here = regions.findLastIndex(
    (one) =>
      one.contains(document.activeElement) ||
      one.closest('aside, .room')?.contains(document.activeElement) === true,
  )
  regions.at((Math.max(here, by === 1 ? -1 : 0) + by) % regions.length)?.focus()
}
</script>

<template>
  <div class="bench">
    <TopLine>
      <template v-if="opened">
        <!-- Each edit changes it: only what goes wrong is read aloud. -->
        <span class="state" role="status" aria-live="off">{{ saveWords }} · {{ liveWords }}</span>
        <span class="unseen" role="alert">{{ saveTrouble }}</span>
        <template v-if="!isNarrow">
          <v-btn
            v-for="side in sides"
            :key="side.label"
            :icon="side.icon"
            size="34"
            variant="text"
            :aria-label="side.label"
            :aria-expanded="side.isOpen"
            :title="side.title"
            @click="side.fold"
          />
        </template>
        <v-btn
          :icon="mdiArrowULeftTop"
          size="34"
          variant="text"
          :disabled="draft.nextUndo === null"
          :aria-label="draft.nextUndo === null ? shared.undo : `${shared.undo}: ${draft.nextUndo}`"
          @click="draft.undo"
        />
        <v-btn
          :icon="mdiArrowURightTop"
          size="34"
          variant="text"
          :disabled="draft.nextRedo === null"
          :aria-label="draft.nextRedo === null ? shared.redo : `${shared.redo}: ${draft.nextRedo}`"
          @click="draft.redo"
        />
        <AsOfField />
        <v-btn
          :href="draft.liveAddress ?? undefined"
          :disabled="draft.liveAddress === null"
          target="_blank"
          height="34"
          :append-icon="mdiOpenInNew"
          >{{ words.livePage }}</v-btn
        >
        <!-- It keeps its room before it comes: nothing beside it may move under the hand. -->
        <div class="more">
          <PublishMenu
            v-if="view.isShown"
            v-model:reviewing="isReviewing"
            :plan="saving.plan"
            @publish="publish"
          />
        </div>
        <v-btn
          v-if="session.maySetUp"
          variant="flat"
          color="primary"
          height="34"
          :loading="publishing"
          @click="isReviewing = true"
          >{{ words.publish }}</v-btn
        >
      </template>
    </TopLine>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!opened" class="failure" role="status">{{ words.opening }}</p>
    <template v-if="opened">
      <div class="top"><SentenceStrip v-if="view.isShown" /></div>
      <div class="work" :class="{ 'without-left': !isLeftOpen, 'without-right': !isRightOpen }">
        <div v-show="isLeftOpen" class="left" @keydown.esc="closeLeft">
          <PageTitles />
          <AreasList v-if="view.isShown" :save="saving.save" />
        </div>
        <main class="middle" aria-label="The page">
          <PageRuler v-model="view.pageWidth">
            <v-btn
              v-if="isNarrow"
              :icon="mdiFormatListBulleted"
              size="32"
              variant="text"
              :aria-label="words.areas"
              :aria-expanded="isLeftOpen"
              @click="foldLeft"
            />
          </PageRuler>
          <PagePreview :width="view.pageWidth" @shown="fetchLater" />
        </main>
        <div v-show="isRightOpen" class="right">
          <DrawerPanel v-if="view.isShown" />
        </div>
        <div class="bottom"><TallyStrip v-if="view.isShown" /></div>
      </div>
    </template>
    <OvertakenPage
      v-if="saving.state.value === 'overtaken'"
      :message="saving.message.value"
      @settle="saving.settle"
    />
  </div>
</template>

<style scoped>
.bench {
  display: flex;
  flex-direction: column;
  height: 100vh;
}

/* As high before the sentence comes. */
.top {
  --strip: 87px;

  min-height: var(--strip);
  background: var(--kraft);
}

.state {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  margin-right: 6px;
  font-size: var(--size-note);
  color: var(--soft);
}

.more {
  flex: none;
  width: 34px;
  height: 34px;
}

.failure {
  padding: 40px;
}

.work {
  flex: 1;
  display: grid;
  grid-template: minmax(0, 1fr) auto / var(--left) minmax(0, 1fr) var(--right);
  min-height: 0;

  --left: 216px;
  --right: 308px;
}

.without-left {
  --left: 0;
}

.without-right {
  --right: 0;
}

.left {
  grid-row: 1 / 3;
  padding: 12px 10px;
  overflow-y: auto;
  background: var(--paper);
  border-right: 1px solid var(--line);
}

.middle {
  grid-column: 2;
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.middle > :last-child {
  flex: 1;
  min-height: 0;
}

.right {
  grid-column: 3;
  min-height: 0;
  border-left: 1px solid var(--line);
}

.bottom {
  grid-column: 2 / 4;
  min-height: 87px;
}

@media (max-width: 999px) {
  .work {
    position: relative;
    grid-template-columns: minmax(0, 1fr);
  }

  .left,
  .right {
    grid-area: 1 / 1 / 2 / 2;
    position: absolute;
    z-index: 3;
    top: 38px;
    bottom: 0;
    width: min(308px, 100%);
    box-shadow: 0 6px 30px color-mix(in srgb, var(--ink) 20%, transparent);
  }

  .left {
    left: 0;
  }

  .right {
    right: 0;
  }

  .middle,
  .bottom {
    grid-column: 1;
  }
}
</style>
