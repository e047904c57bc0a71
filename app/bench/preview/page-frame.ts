import { ref } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { fittingsOn, restyledFittings } from '~~/core/pages/restyled'
import { shownListingsOf } from '~~/core/pages/standing'
import { same } from '~~/core/same'
import { morph, morphPage } from '~~/site/enhance/morphing'
import { fetched } from '../../shared/fetched-later'
import { RequestProblem, request } from '../../shared/http'
import { ownCssOf } from '../../shared/looks/own-css'
import { useDraft } from '../../stores/bench/draft'
import { useSelection } from '../../stores/bench/selection'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import { useCatalogue } from '../../stores/catalogue'
import { setLookCss, setPageCss, setPlacementCss } from './placed-styles'
import type { Preview } from '~~/core/pages/answers'

/**
 * Keeps the page in the frame equal to the document: asks the server for what an edit changes,
 * by the renderer of the public pages, and morphs the answer in. A newer edit overtakes an older.
 */
export function usePageFrame(frame: () => HTMLIFrameElement | null) {
  const draft = useDraft()
  const selection = useSelection()
  const told = useShown()
  const view = useView()
  const catalogue = useCatalogue()
  /** What the frame shows; null where that is not known. */
  let shown: PageDocument | null = null
  let asking: AbortController | null = null
  /** Why the page shows an older state than the document, in words for people. */
  const failure = ref<string | null>(null)

  /** The frame has loaded the saved draft, which may be older than the document. */
  async function loaded(): Promise<void> {
    shown = null
    await show(draft.document)
  }

  async function show(document: PageDocument): Promise<void> {
    const started = performance.now()
    const restyled = shown === null ? null : restyledIn(shown, document)
    if (restyled !== null) {
      if (restyled.length === 0) return
      asking?.abort()
      await restyle(document, restyled)
      performance.measure('edit to page', { start: started, end: performance.now() })
      return
    }
    const whole =
      shown === null || shown.page !== document.page || view.visitor !== '' || dependsOnOthers(document)
    const ids = shown === null || whole ? Object.keys(document.listings) : changedListings(shown, document)
    asking?.abort()
    const control = new AbortController()
    asking = control
    try {
      const preview = await request<Preview>(
        'POST',
        `/api/bench/pages/${draft.pageId}/preview`,
        {
          version: 1,
          whole,
          visitor: view.visitor,
          ...view.asked(),
          page: document.page,
          listings: ids.map((id) => ({ id, version: 0, definition: document.listings[id] })),
        },
        control.signal,
      )
      if (control.signal.aborted) return
      put(preview)
      shown = document
      failure.value = null
      if (view.shownAs !== null) await showLooks()
      told.counts = { ...told.counts, ...preview.counts }
      told.troubles = { ...without(told.troubles, ids), ...preview.troubles }
      told.cards = whole ? preview.shown : { ...told.cards, ...preview.shown }
      told.offered = whole ? preview.offered : { ...told.offered, ...preview.offered }
      performance.measure('edit to page', { start: started, end: performance.now() })
    } catch (error) {
      if (!(error instanceof DOMException && error.name === 'AbortError')) tell(error)
    }
  }

  /** What looks otherwise, listings and placed fittings by their ids; null where more than that differs. */
  function restyledIn(before: PageDocument, after: PageDocument): readonly string[] | null {
    const listings = changedListings(before, after)
    const fittings = restyledFittings(before.page, after.page)
    return fittings === null || !listings.every((id) => onlyLooks(before, after, id))
      ? null
      : [...listings, ...fittings.map(({ id }) => id)]
  }

  /** Whether a listing differs in how it looks and in nothing else. */
  function onlyLooks(before: PageDocument, after: PageDocument, id: string): boolean {
    const [one, other] = [before.listings[id], after.listings[id]]
    return one !== undefined && other !== undefined && same(one, { ...other, look: one.look })
  }

  /** Looks are compiled here: what is shown stays as it is, and nothing is asked. */
  async function restyle(document: PageDocument, ids: readonly string[]): Promise<void> {
    const [{ lookCss, sharedCss, sharedStyles }, { fittingCss }] = await Promise.all([
      fetched(() => import('~~/core/listing/look')),
      fetched(() => import('~~/core/fittings/look')),
    ])
    const scopeOf = (id: string) => `[data-placement="${id}"]`
    const asOf = (id: string) => (id === selection.chosenId ? view.shownAs : null)
    const ofListings = await Promise.all(
      shownListingsOf(document.page).flatMap(({ id, listing }) => {
        const definition = document.listings[listing]
        if (!ids.includes(listing) || definition === undefined) return []
        const shared = sharedStyles(definition.look, catalogue.words)
        const set = lookCss(definition, shared, scopeOf(id), asOf(id))
        const written = ownCssOf(definition, sharedCss(definition.look, catalogue.words), scopeOf(id))
        return [written.then((css) => ({ id, css: [set, css].join('\n') }))]
      }),
    )
    const ofFittings = fittingsOn(document.page).flatMap(({ id, fitting, styles = [] }) =>
      ids.includes(id) ? [{ id, css: fittingCss(fitting, styles, scopeOf(id), asOf(id)) }] : [],
    )
    const page = frame()?.contentDocument
    if (!page || draft.document !== document) return
    for (const { id, css } of [...ofListings, ...ofFittings]) setLookCss(page, id, css)
    shown = document
  }

  /**
   * Shows looks anew: those that listings share have changed, or another state is looked at. What the page
   * lacks comes with that.
   */
  async function showLooks(): Promise<void> {
    if (shown !== draft.document) return
    const fittings = fittingsOn(shown.page).map(({ id }) => id)
    await restyle(shown, [...Object.keys(shown.listings), ...fittings])
  }

  /**
   * What was said of listings before they were asked anew. A definition that could not be read
   * stays so until it is edited.
   */
  function without(
    troubles: Readonly<Record<string, string>>,
    ids: readonly string[],
  ): Readonly<Record<string, string>> {
    return shown === null
      ? troubles
      : Object.fromEntries(Object.entries(troubles).filter(([id]) => !ids.includes(id)))
  }

  /** Where a listing leaves out what others show, a change of one may change them all. */
  function dependsOnOthers(document: PageDocument): boolean {
    return Object.values(document.listings).some((listing) => listing.from.leaveOut.includes('shownAbove'))
  }

  function put(preview: Preview): void {
    const page = frame()?.contentDocument
    if (!page) return
    if (preview.document !== null) putDocument(page, preview.document)
    for (const placement of preview.placements) {
      const old = page.querySelector(`[data-placement="${placement.id}"]`)
      const fresh = new DOMParser().parseFromString(placement.html, 'text/html').body.firstElementChild
      if (old && fresh) morph(old, fresh)
      setPlacementCss(page, placement.id, placement.css)
    }
    page.dispatchEvent(new Event('bushel:changed'))
  }

  function putDocument(page: Document, html: string): void {
    const fresh = new DOMParser().parseFromString(html, 'text/html')
    setPageCss(page, fresh.getElementById('listing-styles')?.textContent ?? '')
    morphPage(page, fresh)
  }

  /** A failed look must not stop the next one; the page is brought up with the edit after it. */
  function tell(error: unknown): void {
    if (!(error instanceof RequestProblem)) throw error
    shown = null
    failure.value = error.message
  }

  /** The page is left: nobody waits for the last answer any more. */
  function stop(): void {
    asking?.abort()
  }

  return {
    failure,
    loaded,
    show,
    showLooks,
    stop,
    refresh: () => {
      shown = null
      return show(draft.document)
    },
  }
}
