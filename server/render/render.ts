import { assets } from '#bushel/site-assets'
import { createSSRApp, h } from 'vue'
import { renderToString } from 'vue/server-renderer'
import Document from '../../site/Document.vue'
import PlacedListing from '../../site/PlacedListing.vue'
import type { NavigationLink, PageView, PlacementView } from '../../site/view'
import type { Site } from '../site/site'

export interface DocumentChoice {
  readonly site: Site
  readonly navigation: readonly NavigationLink[]
  readonly path: string
  readonly page: PageView
  readonly css: string
  /** The page to hear changes of; null for none, and then no script is loaded. */
  readonly pageId: number | null
}

/** A whole public document as HTML. */
export async function renderDocument(choice: DocumentChoice): Promise<string> {
  const { site } = choice
  const view = {
    site: {
      name: site.name,
      tagline: site.tagline,
      locale: site.locale,
      direction: directionOf(site.locale),
      navigation: choice.navigation,
      path: choice.path,
    },
    page: choice.page,
    css: choice.css,
    stylesheet: assets.stylesheet,
    script: choice.pageId === null ? null : assets.script,
    pageId: choice.pageId,
  }
  return `<!doctype html>${await renderToString(createSSRApp({ render: () => h(Document, { view }) }))}`
}

/** One placement as HTML. */
export function renderPlacement(placement: PlacementView): Promise<string> {
  return renderToString(createSSRApp({ render: () => h(PlacedListing, { placement }) }))
}

const rightToLeft = new Set(['Arab', 'Hebr', 'Syrc', 'Thaa', 'Nkoo', 'Adlm', 'Rohg'])

/** The writing direction of a language, by its usual script (CLDR likely subtags). */
function directionOf(locale: string): 'ltr' | 'rtl' {
  return rightToLeft.has(new Intl.Locale(locale).maximize().script ?? 'Latn') ? 'rtl' : 'ltr'
}
