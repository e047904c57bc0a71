<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { useDraft } from '../stores/bench/draft'
import { useSelection } from '../stores/bench/selection'
import { useShown } from '../stores/bench/shown'
import { useView } from '../stores/bench/view'
import { namedWidths } from './named-widths'
import { useFrameStop } from './frame-stop'
import { usePageFrame } from './page-frame'
import { words } from './words'

const props = defineProps<{ width: number }>()
const emit = defineEmits<{ shown: [] }>()
const draft = useDraft()
const selection = useSelection()
const shown = useShown()
const view = useView()
const room = useTemplateRef<HTMLElement>('room')
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const { width: roomWidth, height: roomHeight } = useElementSize(room)
const pageFrame = usePageFrame(() => frame.value)
const ready = ref(false)
const stop = useFrameStop(() => frame.value?.contentDocument ?? null)
const entrance = useTemplateRef<HTMLButtonElement>('entrance')
const margin = 20

/** The widths shown: that of the ruler, or every named one. The first frame is the one that is worked on. */
const widths = computed(() => (view.sideBySide ? namedWidths.map((one) => one.width) : [props.width]))
const mirrors = useTemplateRef<HTMLIFrameElement[]>('mirrors')

/** A page wider than its room is shown smaller, never cut. */
const scale = computed(() => {
  const wanted = widths.value.reduce((sum, width) => sum + width, 0)
  return Math.min(1, Math.max(0.2, (roomWidth.value - (widths.value.length + 1) * margin) / wanted))
})

function styleOf(at: number) {
  const before = widths.value.slice(0, at).reduce((sum, width) => sum + width * scale.value + margin, 0)
  const all =
    widths.value.reduce((sum, width) => sum + width * scale.value, 0) + (widths.value.length - 1) * margin
  return {
    width: `${widths.value[at] ?? props.width}px`,
    height: `${roomHeight.value / scale.value}px`,
    transform: `scale(${scale.value})`,
    left: `${Math.max(margin, (roomWidth.value - all) / 2) + before}px`,
  }
}

/** Brings the other widths up to what the first shows. */
function mirror() {
  const source = frame.value?.contentDocument
  const content = source?.getElementById('content')
  if (!source || !content) return
  for (const one of mirrors.value ?? []) {
    const page = one.contentDocument
    const own = page?.getElementById('content')
    if (!page || !own) continue
    own.outerHTML = content.outerHTML
    page.querySelectorAll('style').forEach((style) => style.remove())
    source.querySelectorAll('style').forEach((style) => page.head.append(page.importNode(style, true)))
    page.dispatchEvent(new Event('bushel:changed'))
  }
}

/** Only in the bench: shows what is chosen and what is pointed at. The page itself has none of it. */
const markStyles = `
  [data-placement] { cursor: pointer; scroll-margin: 24px; }
  [data-placement].bench-pointed { outline: 2px dashed #28624a; outline-offset: 8px; border-radius: 4px; }
  .bench-part { outline: 2px solid #a8431f; outline-offset: 3px; border-radius: 2px; }
  [data-placement].bench-chosen { outline: 2px solid #28624a; outline-offset: 8px; border-radius: 4px; }
`

function opened() {
  const page = frame.value?.contentDocument
  if (!page) return
  const style = page.createElement('style')
  style.textContent = markStyles
  page.head.append(style)
  page.addEventListener('click', clicked, true)
  page.addEventListener('mouseover', (event) => (selection.pointedId = placementAt(event.target)))
  page.addEventListener('mouseleave', () => (selection.pointedId = null))
  page.addEventListener('submit', (event) => event.preventDefault(), true)
  page.addEventListener('keydown', leaveByKey)
  page.addEventListener('focusout', left)
  page.addEventListener('keydown', (event) => document.dispatchEvent(new KeyboardEvent(event.type, event)))
  ready.value = true
  void pageFrame.loaded().then(() => {
    mark()
    emit('shown')
  })
  void page.fonts.ready.then(() => measureLetters(page))
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

/** Links of the page must not lead out of the bench: a press chooses what was pressed. */
function clicked(event: MouseEvent) {
  // Tabs, arrows and dots of the page work here as they do for visitors.
  if ((event.target as Element | null)?.closest?.('[data-control]'))
    return selection.choose(placementAt(event.target))
  event.preventDefault()
  event.stopPropagation()
  const placement = placementAt(event.target)
  selection.choose(placement)
  const part = (event.target as Element | null)?.closest?.('[data-part-key]')?.getAttribute('data-part-key')
  if (placement !== null && part != null) selection.openCardPart(part)
}

function placementAt(target: EventTarget | null): string | null {
  const element = target as Element | null
  return element?.closest?.('[data-placement]')?.getAttribute('data-placement') ?? null
}

function mark() {
  const page = frame.value?.contentDocument ?? undefined
  page?.querySelectorAll('[data-placement]').forEach((one) => {
    const id = one.getAttribute('data-placement')
    one.classList.toggle('bench-chosen', id === selection.chosenId)
    one.classList.toggle('bench-pointed', id === selection.pointedId && id !== selection.chosenId)
  })
  shown.partTrouble = page === undefined ? null : markPart(page)
  if (page !== undefined) bringIntoView(page)
  stop.pass()
  mirror()
}

/** The chosen placement that was brought into view last: each is once, as soon as the page has it. */
let inView: string | null = null

function bringIntoView(page: Document) {
  if (selection.chosenId === inView) return
  const chosen = page.querySelector(`[data-placement="${selection.chosenId}"]`)
  if (chosen === null && selection.chosenId !== null) return
  inView = selection.chosenId
  chosen?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
}

/** Outlines the part in hand on every card of the chosen listing; tells why it is not to be seen. */
function markPart(page: Document): 'absent' | 'hidden' | 'covered' | null {
  const key = selection.pointedPart ?? (selection.clause === 'card' ? selection.openPart : null)
  page.querySelectorAll('.bench-part').forEach((one) => one.classList.remove('bench-part'))
  if (key === null || selection.chosenId === null) return null
  const found = Array.from(
    page.querySelectorAll<HTMLElement>(`[data-placement="${selection.chosenId}"] [data-part-key="${key}"]`),
  )
  found.forEach((one) => one.classList.add('bench-part'))
  const first = found.find((one) => one.getClientRects().length > 0)
  if (first === undefined) return found.length === 0 ? 'absent' : 'hidden'
  const { left, top, width: wide, height } = first.getBoundingClientRect()
  const over = page.elementFromPoint(left + wide / 2, top + height / 2)
  // What lies outside the window can't be asked about.
  return over === null || first.contains(over) || over.contains(first) ? null : 'covered'
}

/** How wide the letters of running text are, by the type that the page really has. */
function measureLetters(page: Document) {
  const sample = page.querySelector<HTMLElement>('.summary') ?? page.body
  const text = sample.classList.contains('summary')
    ? (sample.textContent ?? '').trim()
    : 'the quick seeds of autumn keep their own counsel'
  const canvas = page.createElement('canvas').getContext('2d')
  if (canvas === null || text === '') return
  const style = getComputedStyle(sample)
  canvas.font = `${style.fontWeight} ${sample.classList.contains('summary') ? style.fontSize : '15px'} ${style.fontFamily}`
  shown.letters = { summary: canvas.measureText(text).width / text.length }
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
  () => [view.asOf, view.sample],
  () => refresh(),
  { deep: true },
)
watch(
  () => [
    selection.chosenId,
    selection.pointedId,
    selection.openPart,
    selection.pointedPart,
    selection.clause,
  ],
  mark,
  {
    flush: 'post',
  },
)
watch(
  () => [view.lookedAt, selection.chosenId] as const,
  ([looked, placement]) => {
    if (looked === null || placement === null) return
    frame.value?.contentDocument
      ?.querySelector(`[data-placement="${placement}"] [data-entry="${looked.entry}"]`)
      ?.scrollIntoView({ block: 'center', behavior: 'smooth' })
  },
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
  background: #e7e4da;
}

iframe {
  position: absolute;
  display: block;
  border: 0;
  background: #fffef9;
  transform-origin: 0 0;
  box-shadow: 0 0 0 1px #d6cfbd;
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
  background: #fbe9e2;
  border-bottom: 1px solid #e3b9a8;
  font-size: 13px;
  color: #7c2812;
}

.entrance {
  position: absolute;
  z-index: 2;
  top: 8px;
  left: 50%;
  padding: 6px 14px;
  border-radius: 7px;
  background: var(--ink);
  color: #fff;
  font-size: 13px;
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
