import { ref } from 'vue'
import { changedListings } from '~~/core/edits/document'
import type { PageDocument } from '~~/core/edits/document'
import { morph, morphPage } from '~~/site/enhance/morphing'
import { RequestProblem, request } from '../../shared/http'
import { useDraft } from '../../stores/bench/draft'
import { useShown } from '../../stores/bench/shown'
import { useView } from '../../stores/bench/view'
import type { Preview } from '~~/core/pages/answers'

/**
 * Keeps the page in the frame equal to the document: asks the server for what an edit changes,
 * by the renderer of the public pages, and morphs the answer in. A newer edit overtakes an older.
 */
export function usePageFrame(frame: () => HTMLIFrameElement | null) {
  const draft = useDraft()
  const told = useShown()
  const view = useView()
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
    const whole = shown === null || shown.page !== document.page || dependsOnOthers(document)
    const ids = shown === null || whole ? Object.keys(document.listings) : changedListings(shown, document)
    if (ids.length === 0 && !whole) return
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
      told.counts = { ...told.counts, ...preview.counts }
      told.troubles = { ...without(told.troubles, ids), ...preview.troubles }
      told.cards = whole ? preview.shown : { ...told.cards, ...preview.shown }
      performance.measure('edit to page', { start: started, end: performance.now() })
    } catch (error) {
      if (!(error instanceof DOMException && error.name === 'AbortError')) tell(error)
    }
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
    const styles = page.getElementById('listing-styles')
    if (styles) styles.textContent = fresh.getElementById('listing-styles')?.textContent ?? ''
    page.querySelectorAll('style[data-css-of]').forEach((one) => one.remove())
    morphPage(page, fresh)
  }

  /**
   * Takes the place of what the page came with: what the new rules leave unset must not be set by the old.
   */
  function setPlacementCss(page: Document, id: string, css: string): void {
    dropRulesOf(page, id)
    const known = page.querySelector(`style[data-css-of="${id}"]`)
    const style = known ?? page.createElement('style')
    style.setAttribute('data-css-of', id)
    style.textContent = css
    if (!known) page.head.append(style)
  }

  function dropRulesOf(page: Document, id: string): void {
    const own = page.querySelector<HTMLStyleElement>('#listing-styles')?.sheet
    if (!own) return
    for (let at = own.cssRules.length - 1; at >= 0; at -= 1)
      if (own.cssRules[at]?.cssText.includes(`[data-placement="${id}"]`)) own.deleteRule(at)
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
    stop,
    refresh: () => {
      shown = null
      return show(draft.document)
    },
  }
}
