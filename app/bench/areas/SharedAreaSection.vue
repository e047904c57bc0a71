<script setup lang="ts">
import { navigateTo } from '#imports'
import { computed } from 'vue'
import type { PageDocument } from '~~/core/edits/document'
import type { Area, AreaName } from '~~/core/pages/frames'
import { steppedOut, withoutShared } from '~~/core/pages/shared-areas'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import type { MenuAction } from '../../shared/ActionMenu.vue'
import MoreMenu from '../../shared/MoreMenu.vue'
import { words as common } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'
import { useSharedAreas } from './shared-areas'
import { words } from './words'

/** A shared area where it stands on the page: what it is called, which pages have it, and the ways out. */
const props = defineProps<{
  area: Area & { readonly name: AreaName }
  shared: number
  /** What else can stand there. */
  others: readonly MenuAction[]
}>()
const draft = useDraft()
const notices = useNotices()
const session = useSession()
const { areas, isKnown } = useSharedAreas()
const row = computed(() => areas.value.find((one) => one.id === props.shared))
const isGone = computed(() => isKnown.value && row.value === undefined)
const title = computed(() => row.value?.title ?? (isGone.value ? words.sharedGone : words.looking))
const pages = computed(() => (row.value?.pages ?? []).filter((page) => page.id !== draft.pageId))

const actions = computed((): readonly MenuAction[] => [
  ...(row.value === undefined ? [] : [{ title: words.ownCopy, run: stepOut }]),
  { title: words.takeOffShared, run: takeOff },
  ...props.others,
])

async function stepOut() {
  const live = await attempt(() => request<PageDocument>('GET', `/api/bench/pages/${props.shared}/live`))
  if (live === null) return
  draft.replace(
    words.ownArea,
    steppedOut(draft.document, props.area.name, live, () => crypto.randomUUID()),
  )
  tell(words.isOwn)
}

function takeOff() {
  draft.editPage(words.takingOff, (page) => withoutShared(page, props.area.name))
  tell(words.isOffShared(title.value))
}

function tell(text: string) {
  notices.tell({ text, action: { title: common.undo, run: draft.undo } })
}
</script>

<template>
  <div class="shared">
    <div class="line">
      <strong>{{ title }}</strong>
      <MoreMenu v-if="session.maySetUp" :label="words.more(area.title)" :actions="actions" :size="28" />
    </div>
    <template v-if="!isGone">
      <p class="by">{{ row === undefined ? '' : words.sharedBy(pages.map((page) => page.title)) }}</p>
      <v-btn
        height="32"
        :aria-label="words.openSharedOf(title)"
        @click="navigateTo(`/bench/pages/${shared}`)"
        >{{ words.openShared }}</v-btn
      >
    </template>
  </div>
</template>

<style scoped>
.shared {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  justify-items: start;
  padding: 2px 2px 6px 6px;
  font-size: var(--size-small);
  overflow-wrap: anywhere;
}

.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  width: 100%;
}

p {
  color: var(--soft);
}

/* What stands below keeps its place when it is known which pages have the area. */
.by {
  min-height: 2lh;
}
</style>
