<script setup lang="ts">
import type { PageDocument } from '~~/core/edits/document'
import { formatDate } from '~~/core/formats/dates'
import type { PageVersion } from '~~/core/pages/answers'
import { useAnswer } from '../../shared/answers'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import SheetDialog from '../../shared/SheetDialog.vue'
import { words as shared } from '../../shared/words'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'
import ChangeList from './ChangeList.vue'
import { words } from './words'

/** What visitors had of the page, and the way back to each. */
const open = defineModel<boolean>({ required: true })
const draft = useDraft()
const catalogue = useCatalogue()
const notices = useNotices()
const session = useSession()
const { answer: versions, failure } = useAnswer<readonly PageVersion[]>(
  () => (open.value ? { path: `/api/bench/pages/${draft.pageId}/versions` } : null),
  { keep: false },
)

function dateOf(version: PageVersion): string {
  return formatDate(version.publishedAt, catalogue.catalogue, 'time')
}

/** One more edit of the draft: Undo takes it back, and visitors get it when it is published. */
async function goBack(version: PageVersion) {
  const path = `/api/bench/pages/${draft.pageId}/versions/${version.id}`
  const then = await attempt(() => request<PageDocument>('GET', path))
  if (then === null) return
  open.value = false
  draft.replace(words.backTo(dateOf(version)), {
    page: then.page,
    listings: { ...draft.document.listings, ...then.listings },
  })
  notices.tell({
    text: words.isBack(dateOf(version)),
    action: { title: shared.undo, run: draft.undo },
  })
}
</script>

<template>
  <SheetDialog v-model="open" :width="680" :title="words.historyTitle(draft.page.title)">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="versions === undefined" role="status">{{ words.looking }}</p>
    <p v-else-if="versions.length === 0">{{ words.historyNone }}</p>
    <ol v-else>
      <li v-for="(version, at) in versions" :key="version.id">
        <div class="head">
          <span class="when tabular">{{ dateOf(version) }}</span>
          <span class="who"
            >{{ version.isFirst ? words.first : words.published }} {{ words.by(version.publishedBy) }}</span
          >
          <span v-if="at === 0" class="present">{{ words.present }}</span>
          <v-btn
            v-else-if="session.maySetUp"
            height="32"
            :aria-label="words.backToThis(dateOf(version))"
            @click="goBack(version)"
            >{{ words.back }}</v-btn
          >
        </div>
        <ChangeList v-if="!version.isFirst" :changes="version.changes" />
      </li>
    </ol>
  </SheetDialog>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 12px 0;
  border-top: 1px solid var(--line);
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 32px;
  margin-bottom: 6px;
}

.when {
  font-weight: 650;
}

.who {
  flex: 1;
  color: var(--soft);
}

.present {
  font-weight: 650;
  color: var(--leaf);
}
</style>
