import { happensNever, typesFor } from '~~/core/content/happening'
import type { Happening, HappeningPart, When } from '~~/core/content/happening'
import type { Field } from '~~/core/content/field'
import type { FieldTypeName } from '~~/core/content/fields'

/** What the form asks for: `until` is the field for the end or for the length, whichever it is. */
export type AskedPart = Exclude<HappeningPart, 'end' | 'length'> | 'until'

const typesOf: Readonly<Record<AskedPart, readonly FieldTypeName[]>> = {
  ...typesFor,
  until: [...typesFor.end, ...typesFor.length],
}

/** The fields that can be chosen for a part, by what is chosen besides. */
export function fieldsFor(part: AskedPart, { when }: Happening, fields: readonly Field[]): readonly Field[] {
  const start = fields.find((field) => field.id === when?.start)?.type
  return fields.filter(({ id, type }) => {
    if (!typesOf[part].includes(type)) return false
    if (part !== 'until') return true
    return id !== when?.start && (type === start || (type === 'duration' && start === 'date-time'))
  })
}

/** The field chosen for a part; null for none. */
export function chosenFor(part: AskedPart, happening: Happening): number | null {
  const { when } = happening
  if (part === 'where' || part === 'track') return happening[part]
  if (when === null) return null
  return part === 'until' ? (when.end ?? when.length) : when[part]
}

/** What is said once another field is chosen for a part; what no longer goes with it is left out. */
export function withChosen(
  happening: Happening,
  part: AskedPart,
  id: number | null,
  fields: readonly Field[],
): Happening {
  if (part === 'where' || part === 'track') return { ...happening, [part]: id }
  const { when } = happening
  if (part === 'start') return { ...happening, when: id === null ? null : startingWith(when, id, fields) }
  if (when === null) return happening
  if (part !== 'until') return { ...happening, when: { ...when, [part]: id } }
  const isLength = fields.find((field) => field.id === id)?.type === 'duration'
  return { ...happening, when: { ...when, end: isLength ? null : id, length: isLength ? id : null } }
}

function startingWith(when: When | null, start: number, fields: readonly Field[]): When {
  const nothing = { end: null, length: null, wholeDays: null, repeats: null, zone: null }
  const typeOf = (id: number | undefined) => fields.find((field) => field.id === id)?.type
  const isAlike = typeOf(when?.start) === typeOf(start)
  return { ...nothing, ...(isAlike ? when : { repeats: when?.repeats ?? null }), start }
}

/** What a collection says, and nothing else that the form knows. */
export function happeningOf({ when, where, track }: Happening): Happening {
  return { ...happensNever, when, where, track }
}
