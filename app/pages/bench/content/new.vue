<script setup lang="ts">
import { navigateTo, useHead } from '#imports'
import { ref } from 'vue'
import type { CollectionInput } from '~~/core/content/collection'
import { slugOf } from '~~/core/content/slug'
import ContentFrame from '../../../content/ContentFrame.vue'
import CollectionForm from '../../../content/collections/CollectionForm.vue'
import { collectionInputOf, useCollectionForm } from '../../../content/collections/collection-form'
import { collectionWords } from '../../../content/collections/words'
import { attempt } from '../../../shared/attempt'
import UnsavedGuard from '../../../shared/UnsavedGuard.vue'
import { request } from '../../../shared/http'
import { useSaveKey } from '../../../shared/save-key'
import { useCatalogue } from '../../../stores/catalogue'
import { useNotices } from '../../../stores/notices'

const catalogue = useCatalogue()
const notices = useNotices()
useHead({ title: `${collectionWords.new} · Bushel` })

const form = useCollectionForm()
const { values, faults, leave, changed, sending, problem } = form
const guard = ref<InstanceType<typeof UnsavedGuard> | null>(null)
/** What was typed by hand no longer follows the name. */
const byHand = ref(new Set<string>())

function change(next: Partial<CollectionInput>) {
  Object.assign(values, next)
  for (const key of Object.keys(next)) byHand.value.add(key)
  if (next.name === undefined) return
  const followers: Partial<CollectionInput> = {
    plural: next.name,
    singular: next.name.replace(/ies$/, 'y').replace(/s$/, ''),
    address: slugOf(next.name) === '' ? '' : `/${slugOf(next.name)}/{slug}`,
  }
  for (const [key, value] of Object.entries(followers))
    if (!byHand.value.has(key)) Object.assign(values, { [key]: value })
}

useSaveKey(make)

async function make() {
  const made = await form.send(() =>
    request<{ id: number; slug: string }>('POST', '/api/bench/collections', collectionInputOf(values)),
  )
  if (made === null) return
  await catalogue.load()
  notices.tell({
    text: collectionWords.made(values.name),
    action: { title: collectionWords.setUpPage, run: () => setUpPage(made.id) },
  })
  await guard.value?.pass(`/bench/content/${made.slug}/set-up`)
}

/** Visitors have a page of everything in it already: it becomes one that can be set up. */
async function setUpPage(collection: number) {
  const usual = { kind: 'collection', of: collection }
  const page = await attempt(() => request<{ id: number }>('POST', '/api/bench/pages/usual', usual))
  if (page !== null) await navigateTo(`/bench/pages/${page.id}`)
}
</script>

<template>
  <ContentFrame>
    <h1>{{ collectionWords.new }}</h1>
    <form novalidate @submit.prevent="make">
      <p v-if="problem" class="problem" role="alert">{{ problem.message }}</p>
      <CollectionForm :values="values" :faults="faults" @change="change" @leave="leave" />
      <v-btn type="submit" variant="flat" color="primary" height="40" :loading="sending">{{
        collectionWords.make
      }}</v-btn>
    </form>
    <UnsavedGuard ref="guard" :changed="changed" />
  </ContentFrame>
</template>

<style scoped>
h1 {
  margin-bottom: 18px;
  font-size: var(--size-title);
  letter-spacing: -0.015em;
}

form {
  display: grid;
  gap: 18px;
  max-width: 460px;
}

form > .v-btn {
  justify-self: start;
}
</style>
