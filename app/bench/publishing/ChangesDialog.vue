<script setup lang="ts">
import { computed } from 'vue'
import type { PageDocument } from '~~/core/edits/document'
import { pageChanges } from '~~/core/pages/changes'
import { useAnswer } from '../../shared/answers'
import SheetDialog from '../../shared/SheetDialog.vue'
import { useDraft } from '../../stores/bench/draft'
import { useCatalogue } from '../../stores/catalogue'
import ChangeList from './ChangeList.vue'
import { words } from './words'

/** What visitors will get that they have not now, and the press that gives it to them. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ publish: [] }>()
const draft = useDraft()
const catalogue = useCatalogue()
const { answer: live, failure } = useAnswer<PageDocument>(() =>
  open.value && draft.publishedAt !== null ? { path: `/api/bench/pages/${draft.pageId}/live` } : null,
)
const changes = computed(() =>
  live.value === undefined ? null : pageChanges(live.value, draft.document, catalogue.words),
)

function publish() {
  open.value = false
  emit('publish')
}
</script>

<template>
  <SheetDialog v-model="open" :width="620" :title="words.changesTitle">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="draft.publishedAt === null">{{ words.neverLive }}</p>
    <p v-else-if="changes === null" role="status">{{ words.looking }}</p>
    <ChangeList v-else :changes="changes" />
    <template #actions>
      <v-btn height="36" @click="open = false">{{ words.close }}</v-btn>
      <v-btn height="36" variant="flat" color="primary" @click="publish">{{ words.publish }}</v-btn>
    </template>
  </SheetDialog>
</template>
