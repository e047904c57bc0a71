import { QueryClient, keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import type { ComputedRef, Ref } from 'vue'
import { RequestProblem, request } from './http'
import { beginWaiting } from './waiting'

/** Something the server is asked: at an address, with a body where one is needed. */
export interface Question {
  readonly path: string
  readonly body?: unknown
}

export interface Answered<T> {
  /** The answer to the newest question; until it comes, the one before. Undefined where nothing is asked. */
  readonly answer: ComputedRef<T | undefined>
  /** Why there is none, in words for people. */
  readonly failure: ComputedRef<string | null>
  readonly asking: Ref<boolean>
  /** Asks once more, for what was changed meanwhile. */
  readonly again: () => Promise<void>
}

/** A page of a list, and how many there are in all. */
export interface PageOfRows<Row> {
  readonly rows: readonly Row[]
  readonly total: number
}

const tries = 3
const seconds = 1000

/**
 * One memory of what the server answered, for every screen of the bench. Answers are kept for a
 * moment and always asked for anew. What did not get through is tried again, what was refused is not.
 */
export const memory = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      staleTime: 0,
      gcTime: 30 * seconds,
      refetchOnWindowFocus: false,
      retryDelay: seconds / 2,
      retry: (failed, error) => failed + 1 < tries && isPassing(error),
    },
  },
})

function isPassing(error: unknown): boolean {
  return error instanceof RequestProblem && (error.details.status === 0 || error.details.status >= 502)
}

function ask<T>(question: Question, signal: AbortSignal): Promise<T> {
  return request<T>(question.body === undefined ? 'GET' : 'POST', question.path, question.body, signal)
}

function keyOf(questions: readonly Question[]): readonly unknown[] {
  return questions.flatMap((question) => [question.path, JSON.stringify(question.body)])
}

interface Asking {
  /** Whether the answer before stays until the newest comes; not where it would pass for that. */
  readonly keep?: boolean
}

/**
 * The answer to a question that changes with what is worked on. A question that another takes the
 * place of is given up, and its answer, however late, is never shown. Null asks nothing.
 */
export function useAnswer<T>(question: () => Question | null, asking: Asking = {}): Answered<T> {
  const all = useAnswers<T>(() => {
    const asked = question()
    return asked === null ? [] : [asked]
  }, asking)
  return { ...all, answer: computed(() => all.answer.value?.[0]) }
}

/** As `useAnswer`, for several questions that belong together: all of their answers, or none. */
export function useAnswers<T>(
  questions: () => readonly Question[],
  { keep = true }: Asking = {},
): Answered<readonly T[]> {
  const asked = computed(questions)
  const isAsked = computed(() => asked.value.length > 0)
  const queryKey = computed(() => keyOf(asked.value))
  const query = useQuery(
    {
      queryKey,
      queryFn: ({ signal }) => Promise.all(asked.value.map((question) => ask<T>(question, signal))),
      enabled: isAsked,
      placeholderData: keep ? keepPreviousData : undefined,
    },
    memory,
  )
  sayWaiting(query.isLoading)
  return {
    answer: computed(() => (isAsked.value ? query.data.value : undefined)),
    failure: computed(() => (isAsked.value ? messageOf(query.error.value) : null)),
    asking: query.isFetching,
    again: async () => {
      if (isAsked.value) await askAnew(queryKey.value, query.refetch)
    },
  }
}

/** Asks once more. A first answer that is on its way may be from before what was changed: it is given up. */
async function askAnew(queryKey: readonly unknown[], refetch: () => Promise<unknown>): Promise<void> {
  await memory.cancelQueries({ queryKey, exact: true })
  await refetch()
}

/** Says that something is waited for while there is nothing to show, not even what was answered before. */
function sayWaiting(isLoading: Ref<boolean>): void {
  watch(isLoading, (is, _, onCleanup) => is && onCleanup(beginWaiting()), { immediate: true, flush: 'sync' })
}

/** A list that is read on page by page; another question begins it anew. */
export function usePagedAnswer<Row>(question: (page: number) => Question | null) {
  const asked = computed(() => question(1))
  const queryKey = computed(() => ['pages', ...keyOf(asked.value === null ? [] : [asked.value])])
  const query = useInfiniteQuery(
    {
      queryKey,
      queryFn: ({ signal, pageParam }) => {
        const next = question(pageParam)
        return next === null ? { rows: [], total: 0 } : ask<PageOfRows<Row>>(next, signal)
      },
      enabled: computed(() => asked.value !== null),
      placeholderData: keepPreviousData,
      initialPageParam: 1,
      getNextPageParam: (last: PageOfRows<Row>, all: readonly PageOfRows<Row>[]) =>
        all.reduce((sum, page) => sum + page.rows.length, 0) < last.total ? all.length + 1 : undefined,
    },
    memory,
  )
  sayWaiting(query.isLoading)
  const pages = computed<readonly PageOfRows<Row>[]>(() =>
    asked.value === null ? [] : (query.data.value?.pages ?? []),
  )
  return {
    rows: computed(() => pages.value.flatMap((page) => page.rows)),
    /** How many there are; undefined until that is known. */
    total: computed(() => pages.value.at(-1)?.total),
    failure: computed(() => messageOf(query.error.value)),
    asking: query.isFetching,
    more: () => query.fetchNextPage(),
    again: async () => {
      if (asked.value !== null) await askAnew(queryKey.value, query.refetch)
    },
  }
}

/** What is known of things by their ids, asked for as ids come up that are not known yet. */
export function useKnown<Row extends { readonly id: number }>(ids: () => readonly number[], path: string) {
  const known: Ref<ReadonlyMap<number, Row>> = ref(new Map())
  const { answer } = useAnswer<readonly Row[]>(() => {
    const unknown = ids().filter((id) => !known.value.has(id))
    return unknown.length === 0 ? null : { path: `${path}?ids=${unknown.join(',')}` }
  })
  function learn(rows: readonly Row[]): void {
    known.value = new Map([...known.value, ...rows.map((row) => [row.id, row] as const)])
  }
  watch(answer, (rows) => rows && learn(rows), { immediate: true })
  return { known, learn }
}

function messageOf(error: unknown): string | null {
  if (error === null || error === undefined) return null
  return error instanceof Error ? error.message : String(error)
}
