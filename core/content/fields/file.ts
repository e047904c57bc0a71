import { array, object, string } from 'yup'
import { mediaKinds } from '../media'
import type { MediaKind } from '../media'
import { idsFromText, readId } from './checks'
import type { FieldType } from './define'

export interface FileSettings {
  /** What may be chosen; none named means any. */
  readonly kinds: readonly MediaKind[]
}

/** One file of the media: a video, a sound, a document. */
export const file: FieldType<'file', FileSettings, number> = {
  name: 'file',
  title: 'File',
  about: 'A video, a sound, captions or a document.',
  settings: object({
    kinds: array(
      string<MediaKind>()
        .oneOf([...mediaKinds], 'Choose from the kinds of file.')
        .required(),
    )
      .max(mediaKinds.length)
      .required(),
  })
    .noUnknown()
    .required(),
  defaults: { kinds: [] },
  parse: (input) => readId(input, 'a file'),
  read: (text) => readId(idsFromText(text)?.[0], 'a file'),
  write: (value) => String(value),
  format: () => 'a file',
  filter: 'presence',
  sort: null,
  sortKey: null,
  refersTo: (value) => [{ to: 'media', id: value }],
}
