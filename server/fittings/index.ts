import type { CardEntry } from '../../core/cards/card-entry'
import type { ChosenFitting, FittingChoice, FittingSettings } from '../../core/fittings'
import type { Listing } from '../../core/listing/definition'
import type { NavigationLink } from '../../core/navigation'
import type { Box } from '../../core/pages/frames'
import type { PageSubject } from '../../core/rules/context'
import type { FittingContents, PlacedListingView } from '../../site/view'
import type { Db } from '../db/client'
import type { KnownSite } from '../listings/context'
import { authorBoxContent } from './author-box'
import { breadcrumbsContent } from './breadcrumbs'
import { codeContent } from './code'
import { entryContent } from './entry'
import { menuContent } from './menu'
import { monthIndexContent } from './month-index'
import { neighboursContent } from './neighbours'
import { pictureContent } from './picture'
import { searchContent } from './search'
import { siteNameContent } from './site-name'
import { smallCalendarContent } from './small-calendar'
import { termIndexContent } from './term-index'

/** What a fitting is asked with: the site as it is known, and the box that it stands in. */
export interface FittingAsked {
  readonly db: Db
  readonly known: KnownSite
  /** Epoch milliseconds. */
  readonly now: number
  readonly box: Box
  /** The way to the page from the front page. */
  readonly trail: readonly NavigationLink[]
  /** What the page is about; null for nothing. */
  readonly subject: PageSubject | null
  /** The entry that it is about, as a whole; null for none that visitors may see. */
  readonly entry: () => Promise<CardEntry | null>
  /** What a listing would show in its place, of the page's address; null for nothing. */
  readonly listed: (listing: Listing) => Promise<PlacedListingView | null>
}

type Loaders = {
  readonly [Name in keyof FittingContents]: (
    settings: FittingSettings[Name],
    asked: FittingAsked,
  ) => Promise<FittingContents[Name]>
}

/** What fittings show besides their settings. One that shows nothing else has no line here. */
const loaders: Loaders = {
  picture: pictureContent,
  code: codeContent,
  terms: termIndexContent,
  months: monthIndexContent,
  calendar: smallCalendarContent,
  search: searchContent,
  menu: menuContent,
  'site-name': siteNameContent,
  breadcrumbs: breadcrumbsContent,
  entry: entryContent,
  author: authorBoxContent,
  neighbours: neighboursContent,
}

/** What a placed fitting shows besides its settings; null for nothing. */
export async function fittingContent(
  choice: FittingChoice,
  asked: FittingAsked,
): Promise<FittingContents[keyof FittingContents]> {
  return isLoaded(choice) ? load(choice, asked) : null
}

type Loaded = keyof FittingContents

function isLoaded(choice: FittingChoice): choice is Extract<FittingChoice, { readonly name: Loaded }> {
  return Object.hasOwn(loaders, choice.name)
}

function load<Name extends Loaded>(
  choice: ChosenFitting<Name>,
  asked: FittingAsked,
): Promise<FittingContents[Name]> {
  const name: Name = choice.name
  return loaders[name](choice, asked)
}
