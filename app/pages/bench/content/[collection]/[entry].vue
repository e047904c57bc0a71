<script setup lang="ts">
import { NuxtLink } from '#components'
import { definePageMeta, navigateTo, useHead, useRoute, useRouter } from '#imports'
import { computed, ref, watch } from 'vue'
import { stateOf } from '~~/core/content/entry'
import ContentFrame from '../../../../content/ContentFrame.vue'
import EntryActions from '../../../../content/entries/EntryActions.vue'
import EntryHistory from '../../../../content/entries/EntryHistory.vue'
import EntryMain from '../../../../content/entries/EntryMain.vue'
import EntrySide from '../../../../content/entries/EntrySide.vue'
import OvertakenEntry from '../../../../content/entries/OvertakenEntry.vue'
import StateMark from '../../../../content/StateMark.vue'
import type { EditedEntry } from '~~/core/content/answers'
import { useEntryEditing } from '../../../../content/entries/entry-editing'
import { words } from '../../../../content/words'
import { versionWords } from '../../../../content/entries/words'
import MoreMenu from '../../../../shared/MoreMenu.vue'
import ConfirmDialog from '../../../../shared/ConfirmDialog.vue'
import UnsavedGuard from '../../../../shared/UnsavedGuard.vue'
import { succeeded } from '../../../../shared/attempt'
import { RequestProblem, request } from '../../../../shared/http'
import { useSaveKey } from '../../../../shared/save-key'
import { words as shared } from '../../../../shared/words'
import { useCatalogue } from '../../../../stores/catalogue'
import { useNotices } from '../../../../stores/notices'

// The form stays while what is new gets its number: somebody may be typing.
definePageMeta({ key: (route) => `entries of ${String(route.params.collection)}` })

const route = useRoute()
const catalogue = useCatalogue()
const notices = useNotices()
const editing = useEntryEditing()
const { values, changed, problem, stored, theirs, fields } = editing
const historyOpen = ref(false)
const ready = ref(false)
const deleting = ref(false)
const failure = ref<string | null>(null)
const frame = ref<InstanceType<typeof ContentFrame> | null>(null)
const guard = ref<InstanceType<typeof UnsavedGuard> | null>(null)

const collection = computed(() =>
  catalogue.catalogue.collections.find((one) => one.slug === route.params.collection),
)
const back = computed(() => `/bench/content/${String(route.params.collection)}`)
/** The table as it was left: with its words, its state, its page. */
const before = String(useRouter().options.history.state.back ?? '')
const table = computed(() => (before.startsWith(`${back.value}?`) ? before : back.value))
const heading = computed(() => stored.value?.title ?? words.newEntry(collection.value?.singular ?? ''))
useHead({ title: () => `${heading.value} · Bushel` })

const state = computed(() => (stored.value === null ? null : stateOf(stored.value, Date.now())))
const actions = computed(() => [
  { title: words.duplicate, run: duplicate },
  { title: words.history, run: () => (historyOpen.value = true) },
  { title: words.deleteThis, run: () => (deleting.value = true) },
])

watch(() => route.params.entry, open, { immediate: true })

async function open() {
  if (stored.value !== null && Number(route.params.entry) === stored.value.id) return
  try {
    await catalogue.load()
    fields.value = collection.value?.fields ?? []
    if (route.params.entry === 'new') editing.begin()
    else await editing.load(Number(route.params.entry))
    ready.value = true
  } catch (error) {
    failure.value = error instanceof RequestProblem ? error.message : String(error)
  }
}

async function save(publish: boolean) {
  if (collection.value === undefined) return
  const wasNew = stored.value === null
  const saved = publish
    ? await editing.publish(collection.value.id, Date.now())
    : await editing.save(collection.value.id)
  if (saved === null) return
  notices.tell({ text: `${words.states[stateOf(saved, Date.now())]}: “${saved.title}”` })
  void frame.value?.load()
  if (wasNew) await navigateTo(`${back.value}/${saved.id}`, { replace: true })
}

useSaveKey(() => save(false))

async function duplicate() {
  const entry = stored.value
  if (entry === null) return
  const copy = await editing.copy(entry.id)
  if (copy === null) return
  notices.tell({ text: words.copied(copy.title) })
  // What was typed went into the copy.
  await guard.value?.pass(`${back.value}/${copy.id}`)
}

function restored(entry: EditedEntry, date: string) {
  editing.take(entry)
  notices.tell({ text: versionWords.done(date) })
}

async function remove() {
  const entry = stored.value
  if (entry === null) return
  if (!(await succeeded(() => request('DELETE', `/api/bench/entries/${entry.id}`)))) return
  await guard.value?.pass(back.value)
  notices.tell({
    text: words.deleted(entry.title),
    action: {
      title: shared.undo,
      run: async () => {
        const path = `/api/bench/entries/${entry.id}/restore`
        if (!(await succeeded(() => request('POST', path)))) return
        await navigateTo(`${back.value}/${entry.id}`)
        notices.tell({ text: words.restored(entry.title) })
      },
    },
  })
}
</script>

<template>
  <ContentFrame ref="frame">
    <template #actions>
      <EntryActions :editing="editing" :collection="collection" @save="save" />
      <MoreMenu v-if="stored" :label="words.more" :actions="actions" />
    </template>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <form v-else-if="ready" novalidate @submit.prevent="save(false)">
      <div class="head">
        <NuxtLink :to="table">{{ collection?.name }}</NuxtLink>
        <h1>{{ heading }}</h1>
        <StateMark v-if="state" :state="state" />
      </div>
      <OvertakenEntry
        v-if="theirs && problem"
        :message="problem.message"
        :mine="values"
        :theirs="theirs"
        :fields="fields"
        @keep-mine="(editing.keepMine(), save(false))"
        @take-theirs="editing.take(theirs)"
      />
      <p v-else-if="problem" class="problem" role="alert">{{ problem.message }}</p>
      <div class="columns">
        <EntryMain :editing="editing" :collection="collection" />
        <EntrySide :editing="editing" :collection="collection" />
      </div>
    </form>
    <EntryHistory v-if="stored" v-model="historyOpen" :entry="stored" @restored="restored" />
    <ConfirmDialog
      v-model="deleting"
      :title="words.deleteTitle(stored?.title ?? '')"
      :text="words.deleteText"
      :action="words.delete"
      @confirm="remove"
    />
    <UnsavedGuard ref="guard" :changed="changed" :same="stored ? `${back}/${stored.id}` : undefined" />
  </ContentFrame>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: 2px 14px;
  margin-bottom: 18px;
}

.head a {
  flex-basis: 100%;
  color: var(--soft);
  font-size: var(--size-small);
  font-weight: 600;
  text-decoration: none;
}

.head a:hover {
  text-decoration: underline;
}

h1 {
  font-size: var(--size-title);
  line-height: 1.25;
  letter-spacing: -0.015em;
  overflow-wrap: anywhere;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 32px;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
