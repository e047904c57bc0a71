import type { Field, FieldValues } from './field'
import type { ChoiceSettings } from './fields/choice'

/** The room or line that something happens in: its name, and its place among those of its field. */
export interface EntryTrack {
  readonly name: string
  /** From 0; 0 for all where the field has no order of its own. */
  readonly position: number
}

/**
 * The track that an entry is in by the field that says so: the first where it names several; null for
 * none. `titles` are those of the entries that may be named.
 */
export function trackOf(
  field: Field | undefined,
  values: FieldValues,
  titles: ReadonlyMap<number, string>,
): EntryTrack | null {
  const value = field === undefined ? undefined : values[field.id]
  if (field === undefined || value === undefined) return null
  if (field.type === 'choice') {
    const { options } = field.settings as ChoiceSettings
    const position = options.findIndex((option) => (value as readonly string[]).includes(option.key))
    return position < 0 ? null : { name: options[position]?.title ?? '', position }
  }
  if (field.type === 'reference') return named(titles.get((value as readonly number[])[0] ?? 0))
  return typeof value === 'string' ? named(value) : null
}

function named(name: string | undefined): EntryTrack | null {
  return name === undefined || name.trim() === '' ? null : { name: name.trim(), position: 0 }
}
