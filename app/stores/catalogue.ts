import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { wordsOf } from '~~/core/content/catalogue'
import type { Catalogue } from '~~/core/content/catalogue'
import { request } from '../shared/http'

const nothing: Catalogue = {
  siteName: '',
  placeholder: 'sprig',
  locale: 'en-GB',
  zone: 'UTC',
  collections: [],
  facets: [],
  terms: [],
  authors: [],
  looks: [],
  values: { palette: [], letterSizes: [], spaces: [], pages: 'light', fonts: { headings: '', text: '' } },
  fonts: [],
}

/** The site and the names of everything that listings refer to. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = ref<Catalogue>(nothing)
  const words = computed(() => wordsOf(catalogue.value))

  async function load(): Promise<void> {
    catalogue.value = await request<Catalogue>('GET', '/api/bench/catalogue')
  }

  return { catalogue, words, load }
})
