import { useDebounceFn, useEventListener } from '@vueuse/core'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { parseListing } from '~~/core/listing/definition'
import { RequestProblem, request } from '../shared/http'
import { documentOf, useBench } from '../stores/bench'
import type { EditedPage } from '~~/core/pages/answers'
import type { SaveState } from './types'

const saveAfter = 400
const retryAfter = 2500

interface Backup {
  readonly version: number
  readonly document: PageDocument
}

/**
 * Saves the page in work by itself: a moment after each edit, again until it succeeds when the
 * connection is lost, and in this browser meanwhile, so that a reload loses nothing.
 */
export function useDraftSaving() {
  const bench = useBench()
  const state = ref<SaveState>('saved')
  const savedAt = ref(0)
  const message = ref('')
  const theirs = shallowRef<EditedPage | null>(null)
  let saved: PageDocument = bench.document
  let version = 0
  let listingVersions = new Map<string, number>()
  let running: Promise<void> | null = null
  let retry: ReturnType<typeof setTimeout> | undefined

  async function load(pageId: number): Promise<void> {
    const loaded = await request<EditedPage>('GET', `/api/bench/pages/${pageId}`)
    const backup = readBackup(pageId)
    takeOver(loaded)
    const unsaved = backup === null ? null : backup.document
    bench.open(loaded, saved, backup?.version === loaded.version ? unsaved : null)
    state.value = 'saved'
    theirs.value = null
    if (backup !== null && backup.version !== loaded.version) {
      bench.replaceDocument('Unsaved changes', backup.document)
      theirs.value = loaded
      state.value = 'overtaken'
    }
  }

  /** Holds what the server now has as the base of the next save. */
  function takeOver(answer: EditedPage): void {
    saved = documentOf(answer)
    version = answer.version
    listingVersions = new Map(answer.listings.map((one) => [one.id, one.version]))
    savedAt.value = answer.savedAt
  }

  const saveSoon = useDebounceFn(() => void save(), saveAfter)

  watch(
    () => bench.document,
    (document) => {
      if (document === saved || bench.pageId === 0) return
      writeBackup(bench.pageId, { version, document })
      if (state.value === 'overtaken') return
      state.value = 'waiting'
      void saveSoon()
    },
  )

  /** Saves now what is not saved; resolves when nothing is left to save, or it can't be. */
  async function save(): Promise<void> {
    clearTimeout(retry)
    while (running !== null) await running
    if (bench.document === saved || state.value === 'overtaken') return
    running = saveOnce()
    await running
  }

  async function saveOnce(): Promise<void> {
    const document = bench.document
    state.value = 'saving'
    try {
      const written = changedListings(saved, document)
      const answer = await request<EditedPage>('PUT', `/api/bench/pages/${bench.pageId}/draft`, {
        version,
        page: document.page,
        listings: written.map((id) => ({
          id,
          version: listingVersions.get(id) ?? 0,
          definition: document.listings[id],
        })),
      })
      takeOverVersions(answer, written)
      savedAt.value = answer.savedAt
      saved = document
      bench.differsFromLive = answer.changed
      if (bench.document === document) {
        state.value = 'saved'
        dropBackup(bench.pageId)
      } else void saveSoon()
    } catch (error) {
      failed(error)
    } finally {
      running = null
    }
  }

  function failed(error: unknown): void {
    if (!(error instanceof RequestProblem)) throw error
    message.value = error.message
    if (error.details.status === 409) {
      theirs.value = error.details.current as EditedPage
      state.value = 'overtaken'
    } else if (error.details.status >= 400 && error.details.status < 500) {
      state.value = 'refused'
    } else {
      state.value = 'offline'
      retry = setTimeout(() => void save(), retryAfter)
    }
  }

  /** Goes on with one of the two; the other stays one undo away. */
  function settle(keep: 'mine' | 'theirs'): void {
    const other = theirs.value
    if (other === null) return
    const mine = bench.document
    const their = documentOf(other)
    takeOver(other)
    theirs.value = null
    state.value = 'waiting'
    bench.replaceDocument('Take the other version', {
      ...their,
      listings: { ...mine.listings, ...their.listings },
    })
    if (keep === 'mine') bench.replaceDocument('Keep this version', mine)
    saved = their
    void save()
  }

  async function publish(): Promise<boolean> {
    await save()
    if (state.value !== 'saved') return false
    try {
      takeOverVersions(await bench.publish(version, Object.fromEntries(listingVersions)), [
        ...listingVersions.keys(),
      ])
      return true
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.details.status !== 409) throw error
      failed(error)
      return false
    }
  }

  /**
   * Takes over the versions of what was just written. Of other listings only what was seen counts:
   * somebody may work on them elsewhere.
   */
  function takeOverVersions(answer: EditedPage, written: readonly string[]): void {
    version = answer.version
    for (const { id, version: newest } of answer.listings)
      if (written.includes(id) || !listingVersions.has(id)) listingVersions.set(id, newest)
  }

  useEventListener('online', () => void save())
  onScopeDispose(() => {
    clearTimeout(retry)
    void save()
  })

  return { state, savedAt, message, theirs, load, save, settle, publish }
}

const backupKey = (pageId: number) => `bushel.draft.${pageId}`

function readBackup(pageId: number): Backup | null {
  const text = localStorage.getItem(backupKey(pageId))
  if (text === null) return null
  const backup = JSON.parse(text) as Backup
  // An older Bushel may have left it: definitions are lifted, and one that can't be read is not used.
  const listings = Object.entries(backup.document.listings).map(
    ([id, listing]) => [id, parseListing(listing)] as const,
  )
  if (listings.some(([, parsed]) => !parsed.ok)) return null
  const read = listings.flatMap(([id, parsed]) => (parsed.ok ? [[id, parsed.value] as const] : []))
  return { ...backup, document: { ...backup.document, listings: Object.fromEntries(read) } }
}

function writeBackup(pageId: number, backup: Backup): void {
  try {
    localStorage.setItem(backupKey(pageId), JSON.stringify(backup))
  } catch {
    // The browser's store is full: the server still gets the draft.
  }
}

function dropBackup(pageId: number): void {
  localStorage.removeItem(backupKey(pageId))
}
