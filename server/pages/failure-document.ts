import { siteCss } from '../../core/looks/site-css'
import { defaultValues } from '../../core/looks/site-values'
import { wordsPerMinute } from '../../core/formats/reading-time'
import { words } from '../../site/words'
import type { SiteNavigation } from '../../site/view'
import { renderDocument } from '../render/render'
import type { Site } from '../site/site'

/** What stands around every page of the site. */
interface Frame {
  readonly site: Site
  readonly navigation: SiteNavigation
}

/** The frame as it was last, for when the database can't be asked for it. */
let last: Frame = {
  site: {
    name: words.awayTitle,
    tagline: '',
    address: '',
    locale: 'en',
    zone: 'UTC',
    readingPace: wordsPerMinute,
    icon: null,
    brokenRules: 'nothing',
    placeholder: 'none',
    values: defaultValues,
    fonts: [],
  },
  navigation: { head: [], foot: [] },
}

/** Keeps the frame of the site for pages that say what failed. */
export function keepFrame(frame: Frame): void {
  last = frame
}

/**
 * What a visitor gets where a page can't be made, in the site's own look: the database is away, or
 * something else failed.
 */
export function failureDocument(path: string, isAway: boolean): Promise<string> {
  const page = isAway
    ? { title: words.awayTitle, text: words.awayText }
    : { title: words.failedTitle, text: words.failedText }
  return renderDocument({
    ...last,
    path,
    page: { kind: 'missing', canSearch: false, ...page },
    css: siteCss(last.site),
    pageId: null,
    seen: null,
    at: 0,
  })
}
