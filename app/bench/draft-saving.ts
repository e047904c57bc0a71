import { useDebounceFn, useEventListener } from '@vueuse/core'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { RequestProblem, request } from '../shared/http'
import { documentOf, useDraft } from '../stores/bench/draft'
import { useSession } from '../stores/session'
import { draftBackup } from './draft-backup'
import { keptHistory } from './kept-history'
import { openPage } from './open-page'
import type { EditedPage } from '~~/core/pages/answers'
import type { SaveState } from './types'

const saveAfter = 400
const retryAfter = 2500

/**
 * Saves the page in work by itself: a moment after each edit, again until it succeeds when the
 * connection is lost, and in this browser meanwhile, so that a reload loses nothing.
 */
export function useDraftSaving() {
  const draft = useDraft()
  const { listingVersions } = draft
  const state = ref<SaveState>('saved')
  const savedAt = ref(0)
  const message = ref('')
  const theirs = shallowRef<EditedPage | null>(null)
  let saved: PageDocument = draft.document
  /** The document as it was last, also once the store holds another page's. */
  let last: PageDocument = saved
  let page = 0
  let version = 0
  /** The version that the document in hand was made from: an older one while another overtook it. */
  let base = 0
  let running: Promise<void> | null = null
  let retry: ReturnType<typeof setTimeout> | undefined
  let isLeft = false

  async function load(pageId: number): Promise<void> {
    const loaded = await request<EditedPage>('GET', `/api/bench/pages/${pageId}`)
    page = pageId
    const backup = await backupOf().read()
    listingVersions.clear()
    takeOver(loaded)
    state.value = 'saved'
    theirs.value = null
    last = saved
    openPage(loaded, saved, backup?.version === loaded.version ? backup.document : null)
    const kept = historyOf().read(draft.document)
    if (kept !== null) draft.resume(kept)
    if (backup !== null && backup.version !== loaded.version) {
      base = backup.version
      theirs.value = loaded
      state.value = 'overtaken'
      draft.replace('Unsaved changes', backup.document)
    }
  }

  function historyOf() {
    return keptHistory(useSession().account?.id ?? '', page)
  }

  function keepHistory(): void {
    if (page !== 0 && draft.pageId === page) historyOf().write(draft.history)
  }
  const keepHistorySoon = useDebounceFn(keepHistory, saveAfter)

  function backupOf() {
    return draftBackup(useSession().account?.id ?? '', page)
  }

  /** Holds what the server now has as the base of the next save. */
  function takeOver(answer: EditedPage): void {
    saved = documentOf(answer)
    version = answer.version
    base = version
    for (const { id, version: newest } of answer.listings) listingVersions.set(id, newest)
    savedAt.value = answer.savedAt
  }

  const saveSoon = useDebounceFn(() => void save(), saveAfter)

  watch(
    () => draft.document,
    (document) => {
      if (draft.pageId !== page) return
      void keepHistorySoon()
      last = document
      if (document === saved) return
      backupOf().write({ version: base, document })
      if (state.value === 'overtaken') return
      state.value = 'waiting'
      void saveSoon()
    },
    { flush: 'sync' },
  )

  /**
   * Saves now what is not saved; resolves when nothing is left to save, or it can't be. What is sent
   * is this page's document, also once the store holds another one.
   */
  async function save(): Promise<void> {
    clearTimeout(retry)
    while (running !== null) await running
    if (page === 0 || last === saved || state.value === 'overtaken') return
    running = saveOnce(last)
    await running
  }

  async function saveOnce(document: PageDocument): Promise<void> {
    state.value = 'saving'
    try {
      const written = changedListings(saved, document)
      const answer = await request<EditedPage>('PUT', `/api/bench/pages/${page}/draft`, {
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
      if (draft.pageId === page) draft.differsFromLive = answer.changed
      if (last === document) {
        state.value = 'saved'
        backupOf().drop()
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
      // Once the page is left, what could not be sent is kept in this browser for when it is opened again.
      if (!isLeft) retry = setTimeout(() => void save(), retryAfter)
    }
  }

  /** Goes on with one of the two; the other stays one undo away. */
  function settle(keep: 'mine' | 'theirs'): void {
    const other = theirs.value
    if (other === null) return
    const mine = draft.document
    const their = documentOf(other)
    takeOver(other)
    theirs.value = null
    saved = their
    state.value = 'waiting'
    draft.replace('Take the other version', {
      ...their,
      listings: { ...mine.listings, ...their.listings },
    })
    if (keep === 'mine') draft.replace('Keep this version', mine)
    void save()
  }

  function publish(): Promise<boolean> {
    return sendSeen(draft.publish)
  }

  /** Plans that it goes live at an instant (epoch milliseconds), as it is now. */
  function plan(at: number): Promise<boolean> {
    return sendSeen((seen, listings) => draft.plan(at, seen, listings))
  }

  /** Saves, and sends something with the versions that were seen; false where it could not be. */
  async function sendSeen(
    send: (version: number, listings: Readonly<Record<string, number>>) => Promise<EditedPage>,
  ): Promise<boolean> {
    await save()
    if (state.value !== 'saved') return false
    try {
      const answer = await send(version, Object.fromEntries(listingVersions))
      takeOverVersions(answer, [...listingVersions.keys()])
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
    base = version
    for (const { id, version: newest } of answer.listings)
      if (written.includes(id) || !listingVersions.has(id)) listingVersions.set(id, newest)
  }

  useEventListener('online', () => void save())
  useEventListener('pagehide', keepHistory)
  onScopeDispose(() => {
    isLeft = true
    void save()
  })

  return { state, savedAt, message, theirs, load, save, settle, publish, plan }
}
