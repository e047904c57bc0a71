import { number } from 'yup'
import { shownPicture } from '../../../pictures/shown'
import type { ShownPicture } from '../../../pictures/shown'
import { filesOf } from '../../entry-in-full'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** The pictures of the entry's fields. */
export interface GallerySetting extends PartBase {
  readonly part: 'gallery'
  /** How many stand side by side where there is room, 1 to 6. */
  readonly across: number
}

export interface GalleryContent {
  readonly pictures: readonly ShownPicture[]
  readonly across: number
}

/** As wide as large parts are at most, in CSS pixels. */
const roomAcross = 960
/** Where fewer stand side by side than asked, each is about so wide. */
const leastRoom = 460

export const gallery = definePart<'gallery', GallerySetting, GalleryContent>({
  name: 'gallery',
  title: 'Gallery',
  styled: '.gallery',
  isLarge: true,
  schema: partSettings('gallery', {
    across: number()
      .integer('Use a whole number of pictures.')
      .min(1, 'Show at least 1 picture side by side.')
      .max(6, 'Show at most 6 pictures side by side.')
      .required(),
  }),
  defaults: { part: 'gallery', on: true, across: 3 },
  phrase: () => 'gallery',
  content({ across }, entry) {
    const room = { width: Math.max(leastRoom, Math.ceil(roomAcross / across)) }
    const pictures = filesOf(entry, 'picture').map((file) => shownPicture(file, room))
    return pictures.length === 0 ? null : { pictures, across }
  },
})
