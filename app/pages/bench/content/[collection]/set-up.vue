<script setup lang="ts">
import { NuxtLink } from '#components'
import { navigateTo, useHead, useRoute } from '#imports'
import { computed, ref, watch } from 'vue'
import type { CollectionUse } from '~~/core/content/answers'
import ContentFrame from '../../../../content/ContentFrame.vue'
import CollectionForm from '../../../../content/collections/CollectionForm.vue'
import HappeningSection from '../../../../content/collections/HappeningSection.vue'
import FieldList from '../../../../content/collections/FieldList.vue'
import { words } from '../../../../content/words'
import { collectionInputOf, useCollectionForm } from '../../../../content/collections/collection-form'
import { collectionWords } from '../../../../content/collections/words'
import ConfirmDialog from '../../../../shared/ConfirmDialog.vue'
import UnsavedGuard from '../../../../shared/UnsavedGuard.vue'
import { useAnswer } from '../../../../shared/answers'
import { succeeded } from '../../../../shared/attempt'
import { request } from '../../../../shared/http'
import { useSaveKey } from '../../../../shared/save-key'
import { words as shared } from '../../../../shared/words'
import { useCatalogue } from '../../../../stores/catalogue'
import { useCollections } from '../../../../stores/collections'
import { useNotices } from '../../../../stores/notices'

const route = useRoute()
const catalogue = useCatalogue()
const collections = useCollections()
const notices = useNotices()
const frame = ref<InstanceType<typeof ContentFrame> | null>(null)
const guard = ref<InstanceType<typeof UnsavedGuard> | null>(null)
const deleting = ref(false)
/** So many listings are named; of the others it is said how many. */
const mostNamed = 6
const collection = computed(() =>
  catalogue.catalogue.collections.find((one) => one.slug === route.params.collection),
)
useHead({ title: () => `${collectionWords.setUp(collection.value?.name ?? '')} · Bushel` })

/** The listings that would lose its entries, asked when it is about to go. */
const { answer: uses } = useAnswer<readonly CollectionUse[]>(
  () =>
    deleting.value && collection.value
      ? { path: `/api/bench/collections/${collection.value.id}/uses` }
      : null,
  { keep: false },
)

const form = useCollectionForm()
const { values, faults, leave, changed, sending, problem } = form

watch(
  () => collection.value?.id,
  () => collection.value && form.reset(collectionInputOf(collection.value)),
  { immediate: true },
)

async function save() {
  const id = collection.value?.id
  const sent = collectionInputOf(values)
  if (
    id === undefined ||
    (await form.send(() => request('PUT', `/api/bench/collections/${id}`, sent))) === null
  )
    return
  form.settle(sent, sent)
  await Promise.all([catalogue.load(), frame.value?.load()])
  notices.tell({ text: collectionWords.saved(sent.name) })
}

useSaveKey(save)

async function remove() {
  const gone = collection.value
  if (gone === undefined) return
  if (!(await succeeded(() => request('DELETE', `/api/bench/collections/${gone.id}`)))) return
  await guard.value?.pass('/bench/content')
  await catalogue.load()
  notices.tell({
    text: collectionWords.deleted(gone.name),
    action: { title: shared.undo, run: () => putBack(gone) },
  })
}

async function putBack(gone: { readonly id: number; readonly slug: string }) {
  const path = `/api/bench/collections/${gone.id}/restore`
  if (!(await succeeded(() => request('POST', path)))) return
  await catalogue.load()
  await navigateTo(`/bench/content/${gone.slug}/set-up`)
}
</script>

<template>
  <ContentFrame ref="frame">
    <template #actions>
      <span class="saved" role="status">{{ changed ? words.unsaved : '' }}</span>
      <v-btn height="34" variant="flat" color="primary" :loading="sending" @click="save">{{
        words.save
      }}</v-btn>
    </template>
    <template v-if="collection">
      <NuxtLink class="back" :to="`/bench/content/${collection.slug}`">{{ collection.name }}</NuxtLink>
      <h1>{{ collectionWords.setUp(collection.name) }}</h1>
      <div class="columns">
        <div>
          <FieldList :collection="collection" />
          <HappeningSection :collection="collection" />
        </div>
        <form novalidate @submit.prevent="save">
          <h2>{{ collectionWords.about }}</h2>
          <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
          <CollectionForm
            :values="values"
            :faults="faults"
            @change="Object.assign(values, $event)"
            @leave="leave"
          />
          <v-btn class="delete" height="34" color="error" variant="text" @click="deleting = true">{{
            collectionWords.delete
          }}</v-btn>
        </form>
      </div>
      <ConfirmDialog
        v-model="deleting"
        :title="collectionWords.deleteTitle(collection.name)"
        :text="collectionWords.deleteText(String(collections.entriesOf(collection.id)))"
        :action="words.delete"
        @confirm="remove"
      >
        <div v-if="uses && uses.length > 0" class="uses">
          <p>{{ collectionWords.askedBy }}</p>
          <ul>
            <li v-for="use in uses.slice(0, mostNamed)" :key="`${use.pageId} ${use.listing}`">
              {{ collectionWords.use(use.listing, use.page) }}
            </li>
          </ul>
          <p v-if="uses.length > mostNamed">{{ collectionWords.moreUses(uses.length - mostNamed) }}</p>
        </div>
      </ConfirmDialog>
    </template>
    <UnsavedGuard ref="guard" :changed="changed" />
  </ContentFrame>
</template>

<style scoped>
.uses {
  margin-top: 12px;
}

.uses ul {
  margin: 6px 0;
  padding-left: 18px;
}

.back {
  color: var(--soft);
  font-size: var(--size-small);
  font-weight: 600;
  text-decoration: none;
}

.back:hover {
  text-decoration: underline;
}

h1 {
  margin-bottom: 18px;
  font-size: var(--size-title);
  letter-spacing: -0.015em;
}

h2 {
  font-size: var(--size-lead);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 336px;
  gap: 40px;
}

form {
  display: grid;
  gap: 18px;
  align-content: start;
}

.saved {
  font-size: var(--size-note);
  color: var(--soft);
}

.delete {
  justify-self: start;
}
</style>
