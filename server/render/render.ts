import { assets } from '#bushel/site-assets'
import { createSSRApp, h } from 'vue'
import { renderToString } from 'vue/server-renderer'
import type { NavigationLink } from '../../core/navigation'
import { shapeOf } from '../../core/shapes'
import Document from '../../site/Document.vue'
import EntryCard from '../../site/EntryCard.vue'
import PlacedListing from '../../site/PlacedListing.vue'
import { listingViewsOf } from '../../site/view'
import type { CardView, Furniture, PageView, PlacedListingView, SiteNavigation } from '../../site/view'
import { fontsOfPage } from '../fonts/page-fonts'
import type { Site } from '../site/site'

export interface DocumentChoice {
  readonly site: Site
  readonly navigation: SiteNavigation
  /** What stands around every page; the usual where nothing is said. */
  readonly furniture?: Furniture
  readonly path: string
  readonly page: PageView
  readonly css: string
  /** The page to hear changes of; null for none, and then no script is loaded. */
  readonly pageId: number | null
  /** Whether the script is loaded even where nothing on the page asks for it yet, as in the bench. */
  readonly script?: boolean
  /** As `DocumentView` has them. */
  readonly seen: string | null
  readonly at: number
  readonly entryId?: number
  /** As `DocumentView` has it. */
  readonly alone?: string
  /** The way to it from the front page; nothing where that says nothing. */
  readonly trail?: readonly NavigationLink[]
}

/** A whole public document as HTML. */
export async function renderDocument(choice: DocumentChoice): Promise<string> {
  const { site } = choice
  const driven = isDriven(choice)
  const view = {
    site: {
      name: site.name,
      tagline: site.tagline,
      locale: site.locale,
      direction: directionOf(site.locale),
      navigation: choice.navigation,
      furniture: choice.furniture ?? { head: null, foot: null },
      path: choice.path,
      address: site.address,
      icon: site.icon,
    },
    page: choice.page,
    alone: choice.alone ?? null,
    css: choice.css,
    stylesheet: assets.stylesheet,
    fonts: fontsOfPage(choice.css, site),
    script:
      choice.script === true || choice.pageId !== null || choice.entryId !== undefined || driven
        ? assets.script
        : null,
    fontsFirst: assets.fontsFirst,
    driven,
    pageId: choice.pageId,
    seen: choice.seen,
    at: choice.at,
    entryId: choice.entryId ?? null,
    trail: choice.trail ?? [],
    canonical: choice.pageId === null && choice.trail === undefined ? null : encodeURI(choice.path),
  }
  return `<!doctype html>${await renderToString(createSSRApp({ render: () => h(Document, { view }) }))}`
}

/** Whether the script has something to do for a listing of the page. */
function isDriven({ page, furniture }: Pick<DocumentChoice, 'page' | 'furniture'>): boolean {
  const parts = [page.kind === 'missing' ? null : page, furniture?.head ?? null, furniture?.foot ?? null]
  return parts.some(
    (part) =>
      part !== null && listingViewsOf(part).some((placement) => shapeOf(placement.shape).isDriven === true),
  )
}

/** A card alone as a whole document, in the styles of the public pages. */
export async function renderSample(card: CardView, site: Pick<Site, 'locale'>): Promise<string> {
  return sample(await renderToString(createSSRApp({ render: () => h(EntryCard, { card }) })), '', site)
}

/** One placement as a whole document, in the styles of the public pages and those of its own. */
export async function renderPlacementAlone(
  placement: PlacedListingView,
  css: string,
  site: Pick<Site, 'locale'>,
): Promise<string> {
  return sample(`<main class="area">${await renderPlacement(placement)}</main>`, css, site)
}

function sample(html: string, css: string, { locale }: Pick<Site, 'locale'>): string {
  const head = `<title></title><link rel="stylesheet" href="${assets.stylesheet}"><style>${css}</style>`
  return `<!doctype html><html lang="${locale}" dir="${directionOf(locale)}"><head>${head}</head><body style="padding:14px">${html}</body></html>`
}

/** One placement as HTML. */
export function renderPlacement(placement: PlacedListingView): Promise<string> {
  return renderToString(createSSRApp({ render: () => h(PlacedListing, { placement }) }))
}

const rightToLeft = new Set(['Arab', 'Hebr', 'Syrc', 'Thaa', 'Nkoo', 'Adlm', 'Rohg'])

/** The writing direction of a language, by its usual script (CLDR likely subtags). */
function directionOf(locale: string): 'ltr' | 'rtl' {
  const known = directions.get(locale) ?? usualDirection(locale)
  directions.set(locale, known)
  return known
}

/** By language: a site has one. */
const directions = new Map<string, 'ltr' | 'rtl'>()

function usualDirection(locale: string): 'ltr' | 'rtl' {
  return rightToLeft.has(new Intl.Locale(locale).maximize().script ?? 'Latn') ? 'rtl' : 'ltr'
}
