<script setup lang="ts">
import { computed } from 'vue'
import type { PageDocument } from '~~/core/edits/document'
import { pageChanges } from '~~/core/pages/changes'
import { shownListingsOf } from '~~/core/pages/standing'
import { useAnswer } from '../../shared/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'
import { useElsewhere } from '../elsewhere'
import SharedAreaPages from '../areas/SharedAreaPages.vue'
import ChangeList from './ChangeList.vue'
import { words } from './words'

/** What visitors will get that they have not now, and the press that gives it to them. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ publish: [] }>()
const draft = useDraft()
const catalogue = useCatalogue()
const { pagesWith } = useElsewhere()
const {
  answer: live,
  asking,
  failure,
} = useAnswer<PageDocument>(() =>
  open.value && draft.publishedAt !== null ? { path: `/api/bench/pages/${draft.pageId}/live` } : null,
)
const changes = computed(() =>
  live.value === undefined || asking.value ? null : pageChanges(live.value, draft.document, catalogue.words),
)
/** What visitors of other pages have already, of a page that visitors have nothing of. */
const known = computed(() =>
  [...new Set(shownListingsOf(draft.page).map((one) => one.listing))].flatMap((listing) => {
    const pages = pagesWith(listing, 'live')
    return pages === null ? [] : [{ listing, name: draft.document.listings[listing]?.name ?? '', pages }]
  }),
)

const vFocused = { mounted: (button: HTMLElement) => button.focus() }

function publish() {
  open.value = false
  emit('publish')
}
</script>

<template>
  <SheetDialog v-model="open" :width="620" :title="words.changesTitle">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-else-if="draft.publishedAt === null">
      <p>{{ words.neverLive }}</p>
      <p v-for="one in known" :key="one.listing">{{ words.standsOn(one.name, one.pages) }}</p>
    </template>
    <p v-else-if="changes === null" role="status">{{ words.looking }}</p>
    <ChangeList v-else :changes="changes" :also-on="(listing) => pagesWith(listing, 'live')" />
    <SharedAreaPages v-if="draft.sharedArea" />
    <template #actions>
      <v-btn height="36" @click="open = false">{{ words.close }}</v-btn>
      <v-btn v-focused height="36" variant="flat" color="primary" @click="publish">{{
        words.publishNow
      }}</v-btn>
    </template>
  </SheetDialog>
</template>
