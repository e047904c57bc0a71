<script setup lang="ts">
import { strandedBy, withFrame } from '~~/core/pages/moves'
import { frames } from '~~/core/pages/frames'
import type { FrameName } from '~~/core/pages/frames'
import { andList } from '~~/core/words'
import IconChoice from '../shared/settings/IconChoice.vue'
import { words as shared } from '../shared/words'
import { useDraft } from '../stores/bench/draft'
import { usePlacing } from '../stores/bench/placing'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import FramePlan from './FramePlan.vue'
import { words } from './words'

/** The frame of the page, chosen from plans. What has no area in the chosen one goes to the shelf. */
const draft = useDraft()
const placing = usePlacing()
const notices = useNotices()
const catalogue = useCatalogue()
/** So many listings are named; of the others it is said how many. */
const mostNamed = 3
const choices = frames.all.map(({ name, title, areas }) => ({
  value: name,
  title,
  about: areas.map((area) => area.title).join(', '),
}))

function choose(frame: FrameName) {
  if (frame === draft.page.frame) return
  const stranded = strandedBy(draft.page, frame)
  draft.editPage(`${words.frame}: ${frames.get(frame).title}`, (page) => withFrame(page, frame))
  if (stranded.length === 0) return
  const named = stranded.slice(0, mostNamed).map((placement) => `“${placing.nameOf(placement)}”`)
  const more = stranded.length - named.length
  notices.tell({
    text: words.shelvedByFrame(
      andList(more === 0 ? named : [...named, words.moreListings(more)], catalogue.catalogue.locale),
      stranded.length,
    ),
    action: { title: shared.undo, run: draft.undo },
  })
}
</script>

<template>
  <div class="frame-choice">
    <p class="input-title" aria-hidden="true">{{ words.frame }}</p>
    <IconChoice
      v-slot="{ choice }"
      :label="words.frame"
      :value="draft.page.frame"
      :choices="choices"
      @change="choose"
    >
      <FramePlan :frame="choice.value" />
    </IconChoice>
  </div>
</template>

<style scoped>
.frame-choice {
  --columns: 3;
}
</style>
