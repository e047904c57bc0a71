import {
  mdiAccountOutline,
  mdiBasketOutline,
  mdiBookOpenOutline,
  mdiCalendarBlankOutline,
  mdiClockOutline,
  mdiCubeOutline,
  mdiFence,
  mdiFilmstrip,
  mdiFormatQuoteClose,
  mdiGrain,
  mdiLeaf,
  mdiMapMarkerOutline,
  mdiNoteTextOutline,
  mdiShovel,
  mdiSproutOutline,
  mdiStarOutline,
} from '@mdi/js'
import type { CollectionIcon } from '../core/content/collection'

/** The drawing of every icon that collections, terms and cards may have: paths in a box of 24. */
export const iconPaths: Record<CollectionIcon, string> = {
  leaf: mdiLeaf,
  seed: mdiGrain,
  basket: mdiBasketOutline,
  spade: mdiShovel,
  bed: mdiSproutOutline,
  fence: mdiFence,
  calendar: mdiCalendarBlankOutline,
  clock: mdiClockOutline,
  quote: mdiFormatQuoteClose,
  film: mdiFilmstrip,
  book: mdiBookOpenOutline,
  person: mdiAccountOutline,
  pin: mdiMapMarkerOutline,
  star: mdiStarOutline,
  box: mdiCubeOutline,
  note: mdiNoteTextOutline,
}
