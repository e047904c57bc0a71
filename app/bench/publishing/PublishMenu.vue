<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PageDocument } from '~~/core/edits/document'
import { attempt } from '../../shared/attempt'
import { fetchedLater } from '../../shared/fetched-later'
import { request } from '../../shared/http'
import MoreMenu from '../../shared/MoreMenu.vue'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'
import { words as bench } from '../words'
import { words } from './words'

/** What else can be done about what visitors have of the page. */
const props = defineProps<{ plan: (at: number) => Promise<boolean> }>()
/** Whether it is shown what publishing will change, which comes before it. */
const isReviewing = defineModel<boolean>('reviewing', { required: true })
const emit = defineEmits<{ publish: [] }>()

const ChangesDialog = fetchedLater(() => import('./ChangesDialog.vue'))
const HistoryDialog = fetchedLater(() => import('./HistoryDialog.vue'))
const PlanDialog = fetchedLater(() => import('./PlanDialog.vue'))

const draft = useDraft()
const notices = useNotices()
const session = useSession()
/** What is open, and what was: a dialog stays to give the focus back. */
const open = ref({ history: false, plan: false })
const met = ref({ history: false, plan: false })
const hasReviewed = ref(false)
watch(isReviewing, (is) => (hasReviewed.value ||= is), { immediate: true })

function show(which: keyof typeof open.value) {
  met.value[which] = true
  open.value[which] = true
}

const actions = computed(() => [
  ...(session.maySetUp
    ? [
        { title: words.whatChanges, run: () => (isReviewing.value = true) },
        { title: words.later, run: () => show('plan') },
      ]
    : []),
  { title: words.history, run: () => show('history') },
  ...(session.maySetUp && draft.publishedAt !== null ? [{ title: bench.backToLive, run: backToLive }] : []),
])

/** The page and its listings as visitors have them, as one more edit: Undo takes it back. */
async function backToLive() {
  const live = await attempt(() => request<PageDocument>('GET', `/api/bench/pages/${draft.pageId}/live`))
  if (live === null) return
  draft.replace(bench.backToLive, {
    page: live.page,
    listings: { ...draft.document.listings, ...live.listings },
  })
  notices.tell({ text: bench.isBackToLive, action: { title: shared.undo, run: draft.undo } })
}

/** One more edit of the draft: Undo takes it back, and visitors get it when it is published. */
async function goBack({ id }: { readonly id: number }, date: string) {
  const path = `/api/bench/pages/${draft.pageId}/versions/${id}`
  const then = await attempt(() => request<PageDocument>('GET', path))
  if (then === null) return
  draft.replace(words.backTo(date), {
    page: then.page,
    listings: { ...draft.document.listings, ...then.listings },
  })
  notices.tell({ text: words.isBack(date), action: { title: shared.undo, run: draft.undo } })
}
</script>

<template>
  <MoreMenu :label="words.more" :actions="actions" />
  <ChangesDialog v-if="hasReviewed" v-model="isReviewing" @publish="emit('publish')" />
  <HistoryDialog
    v-if="met.history"
    v-model="open.history"
    :name="draft.page.title"
    :path="`/api/bench/pages/${draft.pageId}/versions`"
    @back="goBack"
  />
  <PlanDialog v-if="met.plan" v-model="open.plan" :plan="props.plan" />
</template>
