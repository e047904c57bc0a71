<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BulkOutcome, BulkUndoOutcome } from '~~/core/content/answers'
import type { BulkAction } from '~~/core/content/bulk'
import type { CollectionSummary } from '~~/core/content/catalogue'
import MoreMenu from '../shared/MoreMenu.vue'
import SheetDialog from '../shared/SheetDialog.vue'
import ConfirmDialog from '../shared/ConfirmDialog.vue'
import { RequestProblem, request } from '../shared/http'
import { words as shared } from '../shared/words'
import { useCatalogue } from '../stores/catalogue'
import { useNotices } from '../stores/notices'
import EntryTerms from './entries/EntryTerms.vue'
import { words } from './words'
import { bulkWords } from './entries/words'

/** What can be done to the chosen entries, each with one press and one way back. */
const props = defineProps<{ collection: CollectionSummary; chosen: readonly number[]; total: number }>()
const emit = defineEmits<{ chooseAll: []; clear: []; changed: [] }>()
const catalogue = useCatalogue()
const notices = useNotices()
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))
const sending = ref(false)
const deleting = ref(false)
const asking = ref<'add-terms' | 'remove-terms' | 'author' | null>(null)
const terms = ref<readonly number[]>([])
const author = ref<number | null>(null)
const authors = computed(() => [{ id: null, name: words.noAuthor }, ...catalogue.catalogue.authors])

const more = [
  { title: bulkWords.draft, run: () => change({ do: 'draft' }) },
  { title: bulkWords.addTerms, run: () => ask('add-terms') },
  { title: bulkWords.removeTerms, run: () => ask('remove-terms') },
  { title: bulkWords.author, run: () => ask('author') },
  { title: bulkWords.delete, run: () => (deleting.value = true) },
]
const titles = {
  'add-terms': bulkWords.addTerms,
  'remove-terms': bulkWords.removeTerms,
  author: bulkWords.author,
}

function ask(what: 'add-terms' | 'remove-terms' | 'author') {
  terms.value = []
  author.value = null
  asking.value = what
}

async function apply() {
  const what = asking.value
  asking.value = null
  if (what === 'author') await change({ do: 'author', authorId: author.value })
  else if (what !== null && terms.value.length > 0) await change({ do: what, termIds: terms.value })
}

async function change(action: BulkAction) {
  sending.value = true
  try {
    const done = await request<BulkOutcome>('POST', `/api/bench/collections/${props.collection.id}/bulk`, {
      ids: props.chosen,
      action,
    })
    const changed = format.value.format(done.changed)
    notices.tell(
      done.isGoingOn
        ? { text: bulkWords.goesOn(changed) }
        : { text: bulkWords.done(changed), action: { title: shared.undo, run: () => undo(done.id) } },
    )
    emit('changed')
  } catch (error) {
    if (!(error instanceof RequestProblem)) throw error
    notices.tell({ text: error.message })
  } finally {
    sending.value = false
  }
}

async function undo(id: string) {
  try {
    const { undone, kept, isGoingOn } = await request<BulkUndoOutcome>('DELETE', `/api/bench/bulk/${id}`)
    notices.tell({ text: isGoingOn ? bulkWords.undoGoesOn : bulkWords.undone(undone, kept) })
  } catch (error) {
    if (!(error instanceof RequestProblem)) throw error
    notices.tell({ text: error.message })
  }
  emit('changed')
}
</script>

<template>
  <div class="bulk" role="region" :aria-label="bulkWords.chosen(format.format(chosen.length))">
    <strong class="tabular">{{ bulkWords.chosen(format.format(chosen.length)) }}</strong>
    <button v-if="chosen.length < total" type="button" class="all" @click="emit('chooseAll')">
      {{ bulkWords.chooseAll(format.format(total)) }}
    </button>
    <button type="button" class="all" @click="emit('clear')">{{ bulkWords.clear }}</button>
    <span class="push" />
    <v-btn height="34" :loading="sending" @click="change({ do: 'publish' })">{{ bulkWords.publish }}</v-btn>
    <v-btn height="34" :loading="sending" @click="change({ do: 'archive' })">{{ bulkWords.archive }}</v-btn>
    <MoreMenu :label="bulkWords.more" :actions="more" />
    <ConfirmDialog
      v-model="deleting"
      :title="bulkWords.deleteTitle(format.format(chosen.length))"
      :text="bulkWords.deleteText"
      :action="words.delete"
      @confirm="change({ do: 'delete' })"
    />
    <SheetDialog
      v-if="asking"
      :model-value="asking !== null"
      @update:model-value="asking = null"
      :width="440"
      :title="titles[asking]"
    >
      <div class="asked">
        <v-autocomplete
          v-if="asking === 'author'"
          v-model="author"
          :items="authors"
          item-title="name"
          item-value="id"
          :label="words.fields.authorId"
        />
        <EntryTerms v-else v-model="terms" :collection="collection" :faults="[]" />
      </div>
      <template #actions>
        <v-btn height="36" @click="asking = null">{{ shared.cancel }}</v-btn>
        <v-btn height="36" variant="flat" color="primary" @click="apply">{{ bulkWords.apply }}</v-btn>
      </template>
    </SheetDialog>
  </div>
</template>

<style scoped>
.bulk {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-bottom: 10px;
  padding: 6px 8px 6px 14px;
  border-radius: 8px;
  background: var(--leaf-ground);
}

.all {
  min-height: 32px;
  padding-inline: 6px;
  font-weight: 600;
  color: var(--leaf);
  text-decoration: underline;
  text-underline-offset: 3px;
}

.push {
  flex: 1;
}

.asked {
  display: grid;
  gap: 14px;
}
</style>
