<script setup lang="ts">
import { NuxtLink } from '#components'
import { definePageMeta, navigateTo, useHead, useRoute, useRouter } from '#imports'
import { mdiOpenInNew } from '@mdi/js'
import { computed, defineAsyncComponent, ref, useId, watch } from 'vue'
import { baseOf, entryAddressOf } from '~~/core/content/entry-address'
import { stateOf } from '~~/core/content/entry'
import { formatDate } from '~~/core/formats/dates'
import ContentFrame from '../../../../content/ContentFrame.vue'
import EntryFields from '../../../../content/EntryFields.vue'
import EntryHistory from '../../../../content/EntryHistory.vue'
import EntryTerms from '../../../../content/EntryTerms.vue'
import FieldMessages from '../../../../content/FieldMessages.vue'
import InstantField from '../../../../shared/dates/InstantField.vue'
import OvertakenEntry from '../../../../content/OvertakenEntry.vue'
import MediaChoice from '../../../../content/media/MediaChoice.vue'
import StateMark from '../../../../content/StateMark.vue'
import type { EditedEntry } from '~~/core/content/answers'
import { useEntryEditing } from '../../../../content/entry-editing'
import { words } from '../../../../content/words'
import MoreMenu from '../../../../shared/MoreMenu.vue'
import ConfirmDialog from '../../../../shared/ConfirmDialog.vue'
import UnsavedGuard from '../../../../shared/UnsavedGuard.vue'
import { succeeded } from '../../../../shared/attempt'
import { RequestProblem, request } from '../../../../shared/http'
import ChoiceSetting from '../../../../shared/settings/ChoiceSetting.vue'
import { useSaveKey } from '../../../../shared/save-key'
import { words as shared } from '../../../../shared/words'
import { useCatalogue } from '../../../../stores/catalogue'
import { useNotices } from '../../../../stores/notices'

const RichTextEditor = defineAsyncComponent(() => import('../../../../content/RichTextEditor.vue'))

// The form stays while what is new gets its number: somebody may be typing.
definePageMeta({ key: (route) => `entries of ${String(route.params.collection)}` })

const route = useRoute()
const catalogue = useCatalogue()
const notices = useNotices()
const id = useId()
const editing = useEntryEditing()
const { values, faults, leave, changed, sending, problem, stored, theirs, fields } = editing
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
/** Whether saving would publish what visitors have not seen yet. */
const goesLive = computed(() => values.status === 'published' && stored.value?.status !== 'published')
const isAhead = computed(() => values.publishedAt !== null && values.publishedAt > Date.now())
const statuses = (['draft', 'published', 'archived'] as const).map((value) => ({
  value,
  title: words.states[value],
}))
const address = computed(() => {
  const entry = stored.value
  if (entry === null || collection.value === undefined) return ''
  return entryAddressOf(
    collection.value.address,
    { slug: entry.slug, publishedAt: entry.publishedAt ?? 0 },
    catalogue.catalogue.zone,
  )
})
const actions = computed(() => [
  { title: words.duplicate, run: duplicate },
  { title: words.history, run: () => (historyOpen.value = true) },
  { title: words.deleteThis, run: () => (deleting.value = true) },
])
const authors = computed(() => [{ id: null, name: words.noAuthor }, ...catalogue.catalogue.authors])

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
  notices.tell({ text: words.versions.done(date) })
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
      <span class="saved" role="status">{{
        changed
          ? words.unsaved
          : stored
            ? words.savedBy(formatDate(stored.updatedAt, catalogue.catalogue, 'time'), stored.updatedBy)
            : ''
      }}</span>
      <v-btn
        v-if="stored && state === 'published' && collection"
        :href="address"
        target="_blank"
        height="34"
        :append-icon="mdiOpenInNew"
        >{{ words.visit }}</v-btn
      >
      <v-btn
        v-if="!goesLive"
        height="34"
        :loading="sending"
        :variant="values.status === 'draft' ? 'outlined' : 'flat'"
        :color="values.status === 'draft' ? undefined : 'primary'"
        @click="save(false)"
        >{{ words.save }}</v-btn
      >
      <v-btn
        v-if="values.status === 'draft' || goesLive"
        height="34"
        variant="flat"
        color="primary"
        :loading="sending"
        @click="save(true)"
        >{{ isAhead ? words.schedule : words.publish }}</v-btn
      >
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
        <div class="main">
          <v-text-field
            :label="words.fields.title"
            :model-value="values.title"
            :error-messages="faults('title')"
            class="title"
            @update:model-value="editing.setTitle"
            @blur="leave('title')"
          />
          <v-text-field
            :label="words.fields.slug"
            :prefix="collection ? `${baseOf(collection.address)}/` : ''"
            :model-value="values.slug"
            :error-messages="faults('slug')"
            @update:model-value="editing.setSlug"
            @blur="leave('slug')"
          />
          <v-textarea
            v-model="values.summary"
            :label="words.fields.summary"
            rows="2"
            auto-grow
            counter="600"
            :error-messages="faults('summary')"
            @blur="leave('summary')"
          />
          <RichTextEditor
            :label="words.fields.body"
            :model-value="values.body"
            :faults="faults('body')"
            tall
            @update:model-value="values.body = $event ?? values.body"
            @leave="leave('body')"
          />
          <section v-if="fields.length" class="own" :aria-label="words.ofCollection">
            <h2>{{ words.ofCollection }}</h2>
            <p v-if="fields.some((field) => field.required)" class="own-note">{{ words.needed }}</p>
            <EntryFields
              :fields="fields"
              :values="values.values"
              :faults="faults"
              @change="editing.setValue"
              @leave="leave"
            />
          </section>
        </div>
        <div class="side">
          <ChoiceSetting
            :label="words.fields.status"
            :value="values.status"
            :choices="statuses"
            @change="values.status = $event"
          />
          <InstantField
            v-model="values.publishedAt"
            :label="words.fields.publishedAt"
            :faults="faults('publishedAt')"
            @leave="leave('publishedAt')"
          />
          <InstantField
            v-model="values.expiresAt"
            :label="words.fields.expiresAt"
            :hint="words.neverExpires"
            :faults="faults('expiresAt')"
            @leave="leave('expiresAt')"
          />
          <v-autocomplete
            v-model="values.authorId"
            :items="authors"
            item-title="name"
            item-value="id"
            :label="words.fields.authorId"
            :error-messages="faults('authorId')"
          />
          <EntryTerms v-model="values.termIds" :collection="collection" :faults="faults('termIds')" />
          <section :aria-labelledby="`${id}-picture`" class="picture">
            <h2 :id="`${id}-picture`">{{ words.fields.pictureId }}</h2>
            <MediaChoice v-model="values.pictureId" :kinds="['picture']" :name="words.fields.pictureId" />
            <FieldMessages :faults="faults('pictureId')" />
          </section>
          <v-switch v-model="values.pinned" :label="words.fields.pinned" />
        </div>
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
  font-size: 13px;
  font-weight: 600;
  text-decoration: none;
}

.head a:hover {
  text-decoration: underline;
}

h1 {
  font-size: 24px;
  line-height: 1.25;
  letter-spacing: -0.015em;
  overflow-wrap: anywhere;
}

.saved {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: 12.5px;
  color: var(--soft);
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

.main,
.side {
  display: grid;
  gap: 18px;
  align-content: start;
}

h2 {
  margin-bottom: 4px;
  font-size: 13px;
  font-weight: 600;
  color: #48544c;
}

.title :deep(input) {
  font-size: 17px;
  font-weight: 600;
}

.own {
  display: grid;
  gap: 16px;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}

.own h2 {
  margin: 0;
  font-size: 16px;
  font-weight: 700;
  color: var(--ink);
}

.own-note {
  margin-top: -12px;
  font-size: 12.5px;
  color: var(--soft);
}
</style>
