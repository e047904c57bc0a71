import { storageOf } from '../content/field'
import type { KnownField } from '../words'
import type { PlanContext } from './context'
import type { FieldColumn } from './predicate'

/** Where fields are looked up, and for which collections. */
type Place = Pick<PlanContext, 'words' | 'collections'>

/** A field with those of the same key and type in the other collections of the listing. */
function alike(known: KnownField, { words, collections }: Place): readonly KnownField[] {
  return collections.flatMap((collection) =>
    collection === known.collectionId ? known : (words.sameField(known, collection) ?? []),
  )
}

/** A field as one column over all collections of the listing. */
export function columnOf(known: KnownField, context: Place): FieldColumn {
  return {
    fields: alike(known, context).map((field) => ({
      collection: field.collectionId,
      field: storageOf(field),
    })),
  }
}

/** The keys that a value of a field has in the index, over all collections of the listing. */
export function keysOf(known: KnownField, value: string, context: PlanContext): readonly number[] {
  return alike(known, context).flatMap((field) => context.keyOf(storageOf(field), value) ?? [])
}
