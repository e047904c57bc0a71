import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { CollectionSummary } from '~~/core/content/catalogue'
import { words } from '../words'

/** A column of the table of a collection's entries. */
export interface Column {
  readonly title: string
  readonly key: string
  readonly sortable?: boolean
  readonly align?: 'end'
  readonly width?: number
  readonly minWidth?: number
}

const own: readonly Column[] = [
  { title: words.columns.state, key: 'state', sortable: false, width: 124 },
  { title: words.columns.terms, key: 'terms', sortable: false },
  { title: words.columns.author, key: 'author' },
  { title: words.columns.published, key: 'publishedAt', width: 132 },
  { title: words.columns.views, key: 'views', align: 'end', width: 92 },
]

/** Which columns there are for a collection, and which of them are shown: kept in this browser. */
export function useTableColumns(collection: () => CollectionSummary | undefined) {
  const kept = useLocalStorage<Record<string, string[]>>('bushel columns', {})
  const fields = computed(() => collection()?.fields ?? [])
  const all = computed<readonly Column[]>(() => [
    ...own,
    ...fields.value.map((field) => ({
      title: field.name,
      key: `field:${field.id}`,
      sortable: field.sortable,
    })),
  ])
  const usual = computed(() => {
    const first = fields.value.filter((field) => field.sortable || field.required).slice(0, 2)
    return [
      'state',
      first.length > 0 ? null : 'terms',
      'author',
      ...first.map((field) => `field:${field.id}`),
      'publishedAt',
      first.length > 0 ? null : 'views',
    ].filter((key) => key !== null)
  })
  const shown = computed({
    get: () => kept.value[collection()?.slug ?? ''] ?? usual.value,
    set: (keys) => (kept.value = { ...kept.value, [collection()?.slug ?? '']: keys }),
  })
  const headers = computed<Column[]>(() => [
    { title: words.columns.title, key: 'title', minWidth: 240 },
    ...all.value.filter((column) => shown.value.includes(column.key)),
  ])
  const shownFields = computed(() =>
    fields.value.filter((field) => shown.value.includes(`field:${field.id}`)),
  )
  return { all, shown, headers, shownFields }
}
