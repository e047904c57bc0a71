import type { MediaKind } from '../content/media'
import { referencesOf } from '../content/field'
import type { Field } from '../content/field'
import type { RichText } from '../content/rich-text/document'
import type { NavigationLink } from '../navigation'
import type { Picture } from '../pictures/picture'
import type { CardEntry } from './card-entry'

/** A stored file that an entry points at. What is no picture has no size. */
export type PointedFile = Picture & {
  readonly kind: MediaKind
  readonly type: string
  readonly fileName: string
}

/** What only an entry's own page shows of it. */
export interface EntryInFull {
  readonly body: RichText
  readonly collection: NavigationLink
  /** By id: files of its fields that are there. */
  readonly files: ReadonlyMap<number, PointedFile>
  /** By id: entries of its fields that visitors may see. */
  readonly entries: ReadonlyMap<number, NavigationLink>
  /** Whether it says when it happens. */
  readonly happens: boolean
}

/** The files of an entry's fields that are of some kinds, in the order of its form. */
export function filesOf(
  entry: CardEntry,
  ...kinds: readonly MediaKind[]
): readonly (PointedFile & { readonly field: Field })[] {
  return referencesOf([...entry.fields.values()], entry.values).flatMap(({ to, id, field }) => {
    const file = to === 'media' ? entry.full?.files.get(id) : undefined
    return file !== undefined && kinds.includes(file.kind) ? [{ ...file, field }] : []
  })
}
