<script setup lang="ts">
import type { Listing } from '~~/core/listing/definition'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useListingEdits } from '../../stores/bench/listing-edits'
import { useNotices } from '../../stores/notices'
import HistoryDialog from './HistoryDialog.vue'
import { words } from './words'

/** What visitors had of a listing on any page, and the way back to each. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ listing: string }>()
const draft = useDraft()
const edits = useListingEdits()
const notices = useNotices()

/** One more edit of the draft: Undo takes it back, and visitors get it when a page with it is published. */
async function goBack({ id }: { readonly id: number }, date: string) {
  const { listing } = props
  const then = await attempt(() => request<Listing>('GET', `/api/bench/listings/${listing}/versions/${id}`))
  if (then === null) return
  const refusal = edits.edit(listing, words.listingBackTo(then.name, date), () => then)
  notices.tell(
    refusal === null
      ? { text: words.isListingBack(then.name, date), action: { title: shared.undo, run: draft.undo } }
      : { text: refusal },
  )
}
</script>

<template>
  <HistoryDialog
    v-model="open"
    :name="draft.document.listings[listing]?.name ?? ''"
    :path="`/api/bench/listings/${listing}/versions`"
    @back="goBack"
  />
</template>
