<script setup lang="ts">
import { useHead } from '#imports'
import { mdiPlus } from '@mdi/js'
import { computed, ref } from 'vue'
import type { MediaRow } from '~~/core/content/answers'
import type { AuthorRow } from '~~/core/people'
import ContentFrame from '../../../content/ContentFrame.vue'
import MediaFace from '../../../content/people/MediaFace.vue'
import AuthorDialog from '../../../content/people/AuthorDialog.vue'
import { words } from '../../../content/words'
import { facetWords } from '../../../content/facets/words'
import { peopleWords } from '../../../content/people/words'
import ConfirmDialog from '../../../shared/ConfirmDialog.vue'
import FindField from '../../../shared/FindField.vue'
import ScreenHead from '../../../shared/ScreenHead.vue'
import { attempt } from '../../../shared/attempt'
import { useAnswer, useKnown } from '../../../shared/answers'
import { isFound } from '../../../shared/found'
import { request } from '../../../shared/http'
import { words as shared } from '../../../shared/words'
import { useCatalogue } from '../../../stores/catalogue'
import { useNotices } from '../../../stores/notices'

const catalogue = useCatalogue()
const notices = useNotices()
useHead({ title: `${peopleWords.title} · Bushel` })

const {
  answer: authors,
  failure,
  again,
} = useAnswer<readonly AuthorRow[]>(() => ({
  path: '/api/bench/authors',
}))
const { known: portraits } = useKnown<MediaRow>(
  () => (authors.value ?? []).flatMap((author) => author.portraitId ?? []),
  '/api/bench/media/chosen',
)
const typed = ref('')
const found = computed(() =>
  (authors.value ?? []).filter((author) => isFound(typed.value, [author.name, author.about])),
)
const open = ref(false)
const edited = ref<AuthorRow | null>(null)
const deleting = ref<AuthorRow | null>(null)
const format = computed(() => new Intl.NumberFormat(catalogue.catalogue.locale))

function portraitOf(author: AuthorRow): MediaRow | undefined {
  return author.portraitId === null ? undefined : portraits.value.get(author.portraitId)
}

function initials(name: string): string {
  return name
    .split(/\s+/)
    .map((word) => [...word][0] ?? '')
    .slice(0, 2)
    .join('')
}

function edit(author: AuthorRow | null) {
  edited.value = author
  open.value = true
}

async function saved(name: string) {
  await Promise.all([again(), catalogue.load()])
  notices.tell({ text: peopleWords.saved(name) })
}

async function remove() {
  const author = deleting.value
  deleting.value = null
  if (author === null || (await attempt(() => request('DELETE', `/api/bench/authors/${author.id}`))) === null)
    return
  await Promise.all([again(), catalogue.load()])
  notices.tell({
    text: peopleWords.deleted(author.name),
    action: { title: shared.undo, run: () => putBack(author) },
  })
}

async function putBack(author: AuthorRow) {
  if ((await attempt(() => request('POST', `/api/bench/authors/${author.id}/restore`))) !== null)
    notices.tell({ text: facetWords.back(author.name) })
  await Promise.all([again(), catalogue.load()])
}
</script>

<template>
  <ContentFrame>
    <ScreenHead :title="peopleWords.title" :hint="peopleWords.hint">
      <FindField v-model="typed" :label="peopleWords.find" />
      <v-btn variant="flat" color="primary" height="40" :prepend-icon="mdiPlus" @click="edit(null)">{{
        peopleWords.add
      }}</v-btn>
    </ScreenHead>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="authors?.length === 0">{{ peopleWords.none }}</p>
    <p v-else-if="authors && found.length === 0">{{ peopleWords.foundNone }}</p>
    <ul>
      <li v-for="author in found" :key="author.id">
        <button type="button" @click="edit(author)">
          <MediaFace v-if="portraitOf(author)" :media="portraitOf(author)" />
          <span v-else class="initials" aria-hidden="true">{{ initials(author.name) }}</span>
          <span class="who">
            <strong>{{ author.name }}</strong>
            <span class="about" aria-hidden="true">{{ author.about }}</span>
          </span>
          <span class="count tabular" aria-hidden="true">{{
            peopleWords.entries(format.format(author.entries))
          }}</span>
        </button>
      </li>
    </ul>
    <AuthorDialog v-model="open" :author="edited" @saved="saved" @remove="deleting = $event" />
    <ConfirmDialog
      :model-value="deleting !== null"
      :title="peopleWords.deleteTitle(deleting?.name ?? '')"
      :text="peopleWords.deleteText(format.format(deleting?.entries ?? 0))"
      :action="words.delete"
      @update:model-value="deleting = $event ? deleting : null"
      @confirm="remove"
    />
  </ContentFrame>
</template>

<style scoped>
ul {
  max-width: 760px;
  padding: 0;
  list-style: none;
}

li {
  border-top: 1px solid var(--line);
}

li:last-child {
  border-bottom: 1px solid var(--line);
}

li button {
  display: grid;
  grid-template-columns: 48px minmax(0, 1fr) auto;
  align-items: center;
  gap: 14px;
  width: 100%;
  min-height: 68px;
  padding-inline: 6px;
}

li button:hover {
  background: var(--hover);
}

.initials {
  display: grid;
  width: 48px;
  height: 48px;
  border-radius: 50%;
  place-items: center;
  background: var(--leaf-ground);
  color: var(--leaf);
  font-weight: 700;
}

.who {
  display: grid;
}

.about,
.count {
  font-size: var(--size-small);
  color: var(--soft);
}
</style>
