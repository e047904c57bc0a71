import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { CollectionRow } from '~~/core/content/answers'
import { request } from '../shared/http'

/** The collections with how many entries each holds, kept while the screens of Content come and go. */
export const useCollections = defineStore('collections', () => {
  const rows = ref<readonly CollectionRow[]>([])

  async function load(): Promise<void> {
    rows.value = await request<readonly CollectionRow[]>('GET', '/api/bench/collections')
  }

  function entriesOf(collectionId: number): number {
    return rows.value.find((one) => one.id === collectionId)?.entries ?? 0
  }

  return { rows, load, entriesOf }
})
