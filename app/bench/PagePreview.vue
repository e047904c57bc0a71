<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { useBench } from '../stores/bench'
import { usePageFrame } from './page-frame'

const props = defineProps<{ width: number }>()
const bench = useBench()
const room = useTemplateRef<HTMLElement>('room')
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const { width: roomWidth, height: roomHeight } = useElementSize(room)
const pageFrame = usePageFrame(() => frame.value)
const ready = ref(false)
const margin = 20

/** A page wider than its room is shown smaller, never cut. */
const scale = computed(() => Math.min(1, Math.max(0.2, (roomWidth.value - 2 * margin) / props.width)))
const frameStyle = computed(() => ({
  width: `${props.width}px`,
  height: `${roomHeight.value / scale.value}px`,
  transform: `scale(${scale.value})`,
  marginLeft: `${Math.max(margin, (roomWidth.value - props.width * scale.value) / 2)}px`,
}))

/** Only in the bench: shows what is chosen and what is pointed at. The page itself has none of it. */
const markStyles = `
  [data-placement] { cursor: pointer; scroll-margin: 24px; }
  [data-placement].bench-pointed { outline: 2px dashed #28624a; outline-offset: 8px; border-radius: 4px; }
  [data-placement].bench-chosen { outline: 2px solid #28624a; outline-offset: 8px; border-radius: 4px; }
`

function opened() {
  const page = frame.value?.contentDocument
  if (!page) return
  const style = page.createElement('style')
  style.textContent = markStyles
  page.head.append(style)
  page.addEventListener('click', clicked, true)
  page.addEventListener('mouseover', (event) => (bench.pointedId = placementAt(event.target)))
  page.addEventListener('mouseleave', () => (bench.pointedId = null))
  page.addEventListener('submit', (event) => event.preventDefault(), true)
  page.addEventListener('keydown', (event) => document.dispatchEvent(new KeyboardEvent(event.type, event)))
  ready.value = true
  void pageFrame.loaded().then(mark)
}

/** Links of the page must not lead out of the bench: a press chooses what was pressed. */
function clicked(event: MouseEvent) {
  // Tabs, arrows and dots of the page work here as they do for visitors.
  if ((event.target as Element | null)?.closest?.('[data-control]')) return bench.choose(placementAt(event.target))
  event.preventDefault()
  event.stopPropagation()
  bench.choose(placementAt(event.target))
}

function placementAt(target: EventTarget | null): string | null {
  const element = target as Element | null
  return element?.closest?.('[data-placement]')?.getAttribute('data-placement') ?? null
}

function mark() {
  frame.value?.contentDocument?.querySelectorAll('[data-placement]').forEach((one) => {
    const id = one.getAttribute('data-placement')
    one.classList.toggle('bench-chosen', id === bench.chosenId)
    one.classList.toggle('bench-pointed', id === bench.pointedId && id !== bench.chosenId)
  })
}

watch(
  () => bench.document,
  (document) => {
    if (ready.value) void pageFrame.show(document).then(mark)
  },
)
watch(
  () => [bench.asOf, bench.sample],
  () => ready.value && void pageFrame.refresh().then(mark),
  { deep: true },
)
watch(() => [bench.chosenId, bench.pointedId], mark)
watch(
  () => bench.chosenId,
  (id) => {
    if (id === null) return
    const chosen = frame.value?.contentDocument?.querySelector(`[data-placement="${id}"]`)
    chosen?.scrollIntoView({ block: 'nearest', behavior: 'smooth' })
  },
)

/** Content that others change shows here too. */
const stream = new EventSource(`/live?page=${bench.pageId}`)
stream.addEventListener('changed', () => {
  if (ready.value) void pageFrame.refresh().then(mark)
})
onBeforeUnmount(() => stream.close())
</script>

<template>
  <div ref="room" class="room">
    <iframe
      ref="frame"
      :src="`/api/bench/pages/${bench.pageId}/document`"
      :style="frameStyle"
      :title="`${bench.page.title}, the page as visitors get it`"
      @load="opened"
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
  display: block;
  border: 0;
  background: #fffef9;
  transform-origin: 0 0;
  box-shadow: 0 0 0 1px #d6cfbd;
}
</style>
