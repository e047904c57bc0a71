import { refDebounced, useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useAddressState } from '../../shared/address-state'
import type { Column } from './table-columns'

interface TableOptions {
  page: number
  itemsPerPage: number
  sortBy: readonly { readonly key: string; readonly order: 'asc' | 'desc' }[]
}

/**
 * What the table of a collection's entries is asked: words to find, a state, an order and a page of
 * it. All but the number of rows stands in the address, so that the way back leads to it.
 */
export function useTableQuestion(headers: () => readonly Column[]) {
  const perPage = useLocalStorage('bushel rows', 25)
  const options = ref<TableOptions>({
    page: 1,
    itemsPerPage: perPage.value,
    sortBy: [{ key: 'publishedAt', order: 'desc' }],
  })
  const typed = ref('')
  const state = ref('all')

  const page = computed({
    get: () => String(options.value.page),
    set: (text) => (options.value = { ...options.value, page: Math.max(1, Math.floor(Number(text)) || 1) }),
  })
  const sorted = computed({
    get: () => options.value.sortBy.map(({ key, order }) => `${key} ${order}`).join(),
    set: (text) => {
      const [key = 'publishedAt', order] = text.split(' ')
      options.value = { ...options.value, sortBy: [{ key, order: order === 'asc' ? 'asc' : 'desc' }] }
    },
  })
  useAddressState({
    words: { ref: typed, usual: '' },
    state: { ref: state, usual: 'all' },
    sort: { ref: sorted, usual: 'publishedAt desc' },
    page: { ref: page, usual: '1' },
  })
  // After the address was read: its words are no change that leads back to the first page.
  const search = refDebounced(typed, 200)

  watch([search, state], () => (options.value = { ...options.value, page: 1 }))
  watch(
    () => options.value.itemsPerPage,
    (rowsPerPage) => (perPage.value = rowsPerPage),
  )
  /** Whether not all entries are asked for. */
  const isNarrowed = computed(() => search.value !== '' || state.value !== 'all')

  function question(): URLSearchParams {
    const [sort] = options.value.sortBy
    const known = headers().some((column) => column.key === sort?.key)
    return new URLSearchParams({
      page: String(options.value.page),
      perPage: String(options.value.itemsPerPage),
      sort: known && sort ? sort.key : 'publishedAt',
      direction: sort?.order === 'asc' ? 'up' : 'down',
      search: search.value,
      state: state.value,
    })
  }

  return { options, typed, state, search, isNarrowed, question }
}
