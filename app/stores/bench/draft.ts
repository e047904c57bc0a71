import { defineStore } from 'pinia'
import { computed, markRaw, ref, shallowRef } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { beginHistory, edited, redone, undone } from '~~/core/edits/history'
import type { History } from '~~/core/edits/history'
import type { Listing } from '~~/core/listing/definition'
import { withBandChanged, withPlacementChanged } from '~~/core/pages/moves'
import { sharedAreaAt } from '~~/core/pages/shared-address'
import type { Band } from '~~/core/pages/bands/definition'
import { newPage } from '~~/core/pages/definition'
import type { Page, Placement } from '~~/core/pages/definition'
import type { EditedPage, SubjectOfPage } from '~~/core/pages/answers'
import { request } from '../../shared/http'

const emptyPage = newPage('')

/** The draft of a page, with every edit so far: what is changed here is undone and redone. */
export const useDraft = defineStore('draft', () => {
  const pageId = ref(0)
  const path = ref('/')
  /** What the page is shown for, where it is one for many things. */
  const subject = shallowRef<SubjectOfPage | null>(null)
  /** Which area this is, where it is a shared one and no page. */
  const sharedArea = computed(() => sharedAreaAt(path.value))
  const publishedAt = ref<number | null>(null)
  /** When it goes live by the clock. */
  const planned = shallowRef<EditedPage['planned']>(null)
  const differsFromLive = ref(false)
  const history = shallowRef<History<PageDocument>>(beginHistory({ page: emptyPage, listings: {} }))

  /** Where visitors see the page; on one for many things, its sample. */
  const liveAddress = computed(() => {
    if (sharedArea.value !== null) return null
    return subject.value === null ? path.value : (subject.value.sample?.address ?? null)
  })
  /** The version of each listing that was seen last, as a save says it. */
  const listingVersions = markRaw(new Map<string, number>())
  const document = computed(() => history.value.present)
  const page = computed(() => document.value.page)
  const nextUndo = computed(() => history.value.past.at(-1)?.title ?? null)
  const nextRedo = computed(() => history.value.future[0]?.title ?? null)

  /** Begins with the saved document; what was not saved yet is its first edit. */
  function open(loaded: EditedPage, saved: PageDocument, unsaved: PageDocument | null): void {
    pageId.value = loaded.id
    path.value = loaded.path
    subject.value = loaded.subject
    publishedAt.value = loaded.publishedAt
    planned.value = loaded.planned
    differsFromLive.value = loaded.changed
    history.value = beginHistory(saved)
    if (unsaved !== null) replace('Unsaved changes', unsaved)
  }

  /** Goes on with what could be undone and redone when this page was last open here. */
  function resume(kept: History<PageDocument>): void {
    history.value = kept
  }

  /** Puts a definition, which was read before, in the place of a listing's. */
  function setListing(id: string, title: string, definition: Listing, subject?: string): void {
    apply(title, subject === undefined ? null : `${id} ${subject}`, (before) => ({
      ...before,
      listings: { ...before.listings, [id]: definition },
    }))
  }

  function editPage(title: string, change: (page: Page) => Page, subject?: string): void {
    apply(title, subject ?? null, (before) => ({ ...before, page: change(before.page) }))
  }

  /** Changes how something stands on this page, or what is set for a fitting. */
  function editPlacement(
    id: string,
    title: string,
    change: (placement: Placement) => Placement,
    subject?: string,
  ): void {
    editPage(
      title,
      (before) => withPlacementChanged(before, id, change),
      subject === undefined ? undefined : `${id} ${subject}`,
    )
  }

  /** Changes a band. */
  function editBand(id: number, title: string, change: (band: Band) => Band, subject?: string): void {
    editPage(
      title,
      (before) => withBandChanged(before, id, change),
      subject === undefined ? undefined : `band ${id} ${subject}`,
    )
  }

  function replace(title: string, next: PageDocument): void {
    apply(title, null, () => next)
  }

  /** One edit of everything that is in work; those of one subject that follow each other are one. */
  function apply(
    title: string,
    subject: string | null,
    change: (before: PageDocument) => PageDocument,
  ): void {
    const next = change(document.value)
    history.value = edited(history.value, { title, subject, at: Date.now() }, (draft) => {
      if (draft.page !== next.page) draft.page = next.page as typeof draft.page
      for (const id of changedListings(document.value, next)) {
        const changed = next.listings[id]
        if (changed !== undefined) draft.listings[id] = changed as (typeof draft.listings)[string]
      }
    })
  }

  function undo(): void {
    history.value = undone(history.value)
  }

  function redo(): void {
    history.value = redone(history.value)
  }

  /** Publishes what was seen, by its versions. */
  async function publish(version: number, listings: Readonly<Record<string, number>>): Promise<EditedPage> {
    const done = await request<EditedPage>('POST', `/api/bench/pages/${pageId.value}/publish`, {
      version,
      listings,
    })
    publishedAt.value = done.publishedAt
    planned.value = done.planned
    differsFromLive.value = done.changed
    return done
  }

  /** Plans that what was seen goes live at an instant (epoch milliseconds). */
  async function plan(
    at: number,
    version: number,
    listings: Readonly<Record<string, number>>,
  ): Promise<EditedPage> {
    const body = { at, version, listings }
    const done = await request<EditedPage>('PUT', `/api/bench/pages/${pageId.value}/plan`, body)
    planned.value = done.planned
    return done
  }

  /** Gives up what was planned. */
  async function unplan(): Promise<void> {
    const done = await request<EditedPage>('DELETE', `/api/bench/pages/${pageId.value}/plan`)
    planned.value = done.planned
  }

  return {
    pageId,
    path,
    subject,
    sharedArea,
    publishedAt,
    planned,
    listingVersions,
    differsFromLive,
    liveAddress,
    document,
    page,
    nextUndo,
    nextRedo,
    open,
    resume,
    history,
    setListing,
    editPage,
    apply,
    editPlacement,
    editBand,
    replace,
    undo,
    redo,
    publish,
    plan,
    unplan,
  }
})

/** The document of a page as the server tells it. */
export function documentOf(loaded: EditedPage): PageDocument {
  return {
    page: loaded.page,
    listings: Object.fromEntries(loaded.listings.map((one) => [one.id, one.definition])),
  }
}
