<script setup lang="ts">
import { navigateTo } from '#imports'
import { useDebounceFn, useElementSize } from '@vueuse/core'
import { computed, markRaw, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { placementsOf } from '~~/core/pages/standing'
import { same } from '~~/core/same'
import { andList } from '~~/core/words'
import { askedBy } from '~~/site/enhance/asked-by-form'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { words } from '../words'
import { useFrameMarks } from './frame-marks'
import { areaAt, isControl, placementAt, pressOn } from './frame-press'
import { useFrameStop } from './frame-stop'
import { showLateFonts } from '../../shared/looks/font-samples'
import { letterWidth } from './letters'
import { mirrorPage } from './mirrors'
import { namedWidths } from './named-widths'
import { usePageFrame } from './page-frame'
import { overPicturesOn } from './over-pictures'
import { sideBySide } from './side-by-side'

/** The page as visitors get it, in a frame in which it is worked on, and beside it at other widths. */
const props = defineProps<{ width: number }>()
const emit = defineEmits<{ shown: [] }>()
const draft = useDraft()
const selection = useSelection()
const shown = useShown()
const view = useView()
const notices = useNotices()
const catalogue = useCatalogue()
const room = useTemplateRef<HTMLElement>('room')
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const mirrors = useTemplateRef<HTMLIFrameElement[]>('mirrors')
const entrance = useTemplateRef<HTMLButtonElement>('entrance')
const { width: roomWidth, height: roomHeight } = useElementSize(room)
const page = () => frame.value?.contentDocument ?? null
const pageFrame = usePageFrame(() => frame.value)
const stop = useFrameStop(page)
const { begin, mark } = useFrameMarks(page, () => {
  const document = page()
  shown.page = document === null ? null : { document: markRaw(document) }
  stop.pass()
  mirror()
  void lookAtPictures()
})
const ready = ref(false)
/** So long after the page was last another one, in milliseconds: it is not looked at while it is being changed. */
const settled = 300
const lookAtPictures = useDebounceFn(() => {
  const document = page()
  if (document !== null) shown.overPictures = overPicturesOn(document)
}, settled)

/** The widths shown: that of the ruler, or every named one. The first frame is the one that is worked on. */
const widths = computed(() => (view.sideBySide ? namedWidths.map((one) => one.width) : [props.width]))
const pages = computed(() => sideBySide(widths.value, { width: roomWidth.value, height: roomHeight.value }))

function styleOf(at: number) {
  const { width = props.width, height = 0, scale = 1, left = 0 } = pages.value[at] ?? {}
  return {
    width: `${width}px`,
    height: `${height}px`,
    transform: `scale(${scale})`,
    left: `${left}px`,
    // What a frame is set to is to its page what the device is set to (CSS Color Adjustment 1, 2.3).
    colorScheme: view.isDark ? 'dark' : 'light',
  }
}

function mirror() {
  const source = page()
  if (source === null) return
  for (const one of mirrors.value ?? []) if (one.contentDocument) mirrorPage(source, one.contentDocument)
}

function opened() {
  const document = page()
  if (document === null) return
  begin(document)
  showLateFonts(document)
  listen(document)
  ready.value = true
  void pageFrame.loaded().then(() => {
    mark()
    emit('shown')
  })
  void document.fonts.ready.then(() => {
    const summary = letterWidth(document)
    if (summary !== null) shown.letters = { summary }
  })
}

function listen(framed: Document) {
  // Pictures come late, and tell nobody above them.
  framed.addEventListener('load', () => void lookAtPictures(), true)
  framed.addEventListener('click', clicked, true)
  framed.addEventListener('mouseover', (event) => pointAt(event.target))
  framed.addEventListener('mouseleave', () => pointAt(null))
  framed.addEventListener('submit', submitted, true)
  framed.addEventListener('keydown', leaveByKey)
  framed.addEventListener('focusout', left)
  framed.addEventListener('keydown', (event) => document.dispatchEvent(new KeyboardEvent(event.type, event)))
}

function pointAt(target: EventTarget | null) {
  selection.pointedId = placementAt(target)
  selection.pointedArea = areaAt(target)
}

/** Links of the page must not lead out of the bench: a press chooses what was pressed. */
function clicked(event: MouseEvent) {
  if (!isControl(event.target)) {
    event.preventDefault()
    event.stopPropagation()
  }
  chooseAsVisitor(event.target)
  const target = pressOn(event.target)
  if (target.on === 'page' || placementsOf(draft.page).some((one) => one.id === target.placement))
    selection.press(target)
  else tellOfShared(areaAt(event.target))
}

/** What visitors choose by a listing's controls is chosen here too, until it is put back. */
function chooseAsVisitor(target: EventTarget | null) {
  const way = (target as Element | null)?.closest?.<HTMLAnchorElement>('a[data-in-place]') ?? null
  if (way !== null) view.visitor = new URL(way.href).search
}

/** Forms of the page lead nowhere; what is asked by those of a listing's controls is asked here. */
function submitted(event: SubmitEvent) {
  event.preventDefault()
  const form = (event.target as Element | null)?.closest<HTMLFormElement>('form[data-in-place]') ?? null
  if (form === null) return
  const query = askedBy(form)
  view.visitor = query === '' ? '' : `?${query}`
}

const chosenAsVisitor = computed(() => {
  const all = shown.page?.document.querySelectorAll('[data-chosen]') ?? []
  return andList(
    Array.from(all, (one) => one.textContent.trim()),
    catalogue.words.locale,
  )
})

/** What stands in a shared area is changed there. */
function tellOfShared(area: string | null) {
  const shared = Object.entries(draft.page.shared ?? {}).find(([name]) => name === area)?.[1]
  if (shared !== undefined)
    notices.tell({
      text: words.standsInShared,
      action: {
        title: words.openShared,
        run: async () => void (await navigateTo(`/bench/pages/${shared}`)),
      },
    })
}

function leaveByKey(event: KeyboardEvent) {
  if (event.key !== 'Escape' || !stop.isInside.value) return
  event.preventDefault()
  entrance.value?.focus()
}

/** The focus went out of the page: from then on the page is passed by again. */
function left(event: FocusEvent) {
  if (event.relatedTarget === null && stop.isInside.value)
    queueMicrotask(() => {
      if (document.activeElement !== frame.value) stop.leave()
    })
}

function refresh() {
  if (ready.value) void pageFrame.refresh().then(mark)
}

watch(
  () => draft.document,
  (document) => {
    if (ready.value) void pageFrame.show(document).then(mark)
  },
)
watch(
  // Also where another listing is chosen meanwhile: the one before is at rest again.
  () => [view.shownAs, view.shownAs === null ? null : selection.chosenId],
  () => {
    if (ready.value) void pageFrame.showLooks().then(mark)
  },
)
/** Looks that have changed; the page came with those that were known first. */
watch(
  () => catalogue.catalogue.looks,
  (looks, before) => {
    if (ready.value && before.length > 0 && !same(looks, before)) void pageFrame.showLooks().then(mark)
  },
)
watch(
  () => [view.asOf, view.sample, view.visitor],
  () => refresh(),
  { deep: true },
)

/** Content that others change shows here too. */
const stream = new EventSource(`/live?page=${draft.pageId}`)
stream.addEventListener('changed', refresh)
onBeforeUnmount(() => {
  stream.close()
  pageFrame.stop()
})
</script>

<template>
  <div ref="room" class="room">
    <button ref="entrance" type="button" class="entrance" data-region @click="stop.enter()">
      {{ words.enterPage }}
    </button>
    <p v-if="pageFrame.failure.value" class="stale" role="alert">
      {{ words.previewFailed }} {{ pageFrame.failure.value }}
      <v-btn height="32" @click="refresh">{{ words.tryAgain }}</v-btn>
    </p>
    <p v-if="view.visitor !== ''" class="as-visitor" role="status">
      {{ words.asVisitor(chosenAsVisitor) }}
      <v-btn height="32" @click="view.visitor = ''">{{ words.putBack }}</v-btn>
    </p>
    <iframe
      ref="frame"
      :tabindex="stop.isInside.value ? undefined : -1"
      :src="`/api/bench/pages/${draft.pageId}/document`"
      :style="styleOf(0)"
      :title="`${draft.page.title}, the page as visitors get it`"
      @load="opened"
    />
    <iframe
      v-for="(own, at) in widths.slice(1)"
      :key="own"
      ref="mirrors"
      class="mirror"
      :src="`/api/bench/pages/${draft.pageId}/document`"
      :style="styleOf(at + 1)"
      :title="words.atWidth(draft.page.title, own)"
      tabindex="-1"
      @load="mirror"
    />
  </div>
</template>

<style scoped>
.room {
  position: relative;
  padding-top: 20px;
  overflow: clip;
  background: var(--kraft-deep);
}

iframe {
  position: absolute;
  display: block;
  border: 0;
  background: var(--sheet);
  transform-origin: 0 0;
  box-shadow: 0 0 0 1px var(--line);
}

.stale {
  position: absolute;
  z-index: 1;
  inset: 0 0 auto;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 12px;
  padding: 6px 20px;
  background: var(--rust-ground);
  border-bottom: 1px solid var(--rust-line);
  font-size: var(--size-small);
  color: var(--rust-ink);
}

/* The page lies behind it, and can be scrolled from under it. */
.as-visitor {
  position: absolute;
  z-index: 1;
  inset: auto 0 0;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 12px;
  padding: 6px 20px;
  border-top: 1px solid var(--line);
  background: var(--kraft);
  font-size: var(--size-small);
}

.entrance {
  position: absolute;
  z-index: 2;
  top: 8px;
  left: 50%;
  padding: 6px 14px;
  border-radius: 7px;
  background: var(--ink);
  color: var(--sheet);
  font-size: var(--size-small);
  transform: translateX(-50%);
}

.entrance:not(:focus-visible) {
  clip-path: inset(50%);
}

/* Only to be looked at; the first frame is worked on. */
.mirror {
  pointer-events: none;
}
</style>
