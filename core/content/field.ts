import { boolean, mixed, object, string } from 'yup'
import type { Fault, Parsed } from '../parsing'
import { faulty, parseWith } from '../parsing'
import { fieldTypes, isBlank } from './fields'
import type { FieldTypeName } from './fields'
import { folded } from '../text/folding'
import type { FieldPlace, FieldReference, FilterKind } from './fields/define'

/** What a designer decides about a field. */
export interface FieldInput {
  /** Names the field in files and addresses: small letters, digits, underscores. */
  readonly key: string
  readonly name: string
  readonly type: FieldTypeName
  /** Of the type's own form. */
  readonly settings: unknown
  /** Entries cannot be published without a value. */
  readonly required: boolean
  readonly help: string
  /** What a new entry starts with; null for nothing. */
  readonly fallback: unknown
  readonly filterable: boolean
  readonly sortable: boolean
}

/** A field of a collection. Values are kept under its id, so that names and keys may change. */
export interface Field extends FieldInput {
  readonly id: number
  /** The number that its values are kept under, where it is not its own: its type was changed. */
  readonly storedAs?: number
}

const ofWords: readonly FieldTypeName[] = ['short-text', 'long-text', 'rich-text', 'link']

/** Whether entries are found by the words of a field. */
export function hasWords({ type }: Pick<Field, 'type'>): boolean {
  return ofWords.includes(type)
}

/** The number that a field's values are kept and indexed under. */
export function storageOf(field: Pick<Field, 'id' | 'storedAs'>): number {
  return field.storedAs ?? field.id
}

/** Values by field, of what is stored of an entry. */
export function valuesOf(fields: readonly Field[], stored: FieldValues): FieldValues {
  return Object.fromEntries(
    fields.flatMap((field) =>
      stored[storageOf(field)] === undefined ? [] : [[field.id, stored[storageOf(field)]]],
    ),
  )
}

/** Values as they are stored. */
export function storedValues(fields: readonly Field[], values: FieldValues): FieldValues {
  return Object.fromEntries(
    fields.flatMap((field) => (values[field.id] === undefined ? [] : [[storageOf(field), values[field.id]]])),
  )
}

/** The values of an entry by the id of their field; fields left empty are left out. */
export type FieldValues = Readonly<Record<string, unknown>>

export const mostFields = 60

const schema = object({
  key: string()
    .required('Give the field a key.')
    .max(60, 'Keep the key within 60 characters.')
    .matches(
      /^[a-z][a-z0-9_]*$/,
      'A key has small letters, digits and underscores, and begins with a letter: “sowing_depth”.',
    ),
  name: string()
    .trim('Remove the spaces at the ends of the name.')
    .required('Give the field a name.')
    .max(80, 'Keep the name within 80 characters.'),
  type: string<FieldTypeName>()
    .oneOf([...fieldTypes.names], 'Choose one of the types.')
    .required('Choose a type.'),
  settings: mixed().required(),
  required: boolean().required(),
  help: string().defined().max(300, 'Keep the help within 300 characters.'),
  fallback: mixed().nullable().defined(),
  filterable: boolean().required(),
  sortable: boolean().required(),
})
  .noUnknown('This is not part of a field: ${unknown}.')
  .required()

/** Reads a field's definition. Faults carry the path: `settings.options`, `fallback`. */
export function parseFieldInput(input: unknown): Parsed<FieldInput> {
  const outer = parseWith<unknown>(schema, input)
  if (!outer.ok) return outer
  const field = outer.value as FieldInput
  const type = fieldTypes.get(field.type)
  const settings = parseWith<unknown>(type.settings, field.settings)
  if (!settings.ok) return { ok: false, faults: under('settings', settings.faults) }
  if (field.sortable && type.sortKey === null)
    return faulty('sortable', `A field of the type “${type.title}” cannot be sorted by.`)
  if (isBlank(field.fallback)) return { ok: true, value: { ...field, fallback: null } }
  const fallback = type.parse(field.fallback, field.settings)
  return fallback.ok
    ? { ok: true, value: { ...field, fallback: fallback.value } }
    : { ok: false, faults: under('fallback', fallback.faults) }
}

/** A key made from a name: “Sowing depth (cm)” gives `sowing_depth_cm`; `field` when nothing is left. */
export function keyOf(name: string): string {
  const words =
    name
      .normalize('NFKD')
      .replace(/\p{M}+/gu, '')
      .toLowerCase()
      .match(/[a-z0-9]+/g) ?? []
  const key = words
    .join('_')
    .replace(/^[0-9_]+/, '')
    .slice(0, 60)
    .replace(/_$/, '')
  return key === '' ? 'field' : key
}

/**
 * Reads an entry's values. Empty ones are left out, and refused only where `complete` is asked for
 * and the field is required. Paths begin with the field's id.
 */
export function parseFieldValues(
  fields: readonly Field[],
  input: unknown,
  { complete }: { readonly complete: boolean },
): Parsed<FieldValues> {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return faulty('', 'Values are given by the ids of their fields.')
  const given = input as FieldValues
  const ids = new Set(fields.map((field) => String(field.id)))
  const faults: Fault[] = Object.keys(given)
    .filter((id) => !ids.has(id))
    .map((id) => ({
      path: id,
      message: 'One of these fields is no longer part of the collection. Open the entry anew.',
    }))
  const values: Record<string, unknown> = {}
  for (const field of fields) {
    const value = given[field.id]
    if (isBlank(value)) {
      if (field.required && complete)
        faults.push({
          path: String(field.id),
          message: `“${field.name}” is needed before this can be published.`,
        })
      continue
    }
    const parsed = fieldTypes.get(field.type).parse(value, field.settings)
    if (parsed.ok) values[field.id] = parsed.value
    else faults.push(...under(String(field.id), parsed.faults))
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: values }
}

/** What a new entry's fields start with. */
export function fallbackValues(fields: readonly Field[]): FieldValues {
  return Object.fromEntries(
    fields.filter((field) => field.fallback !== null).map((field) => [field.id, field.fallback]),
  )
}

/** Everything the values point at. */
export function referencesOf(
  fields: readonly Field[],
  values: FieldValues,
): readonly (FieldReference & { readonly field: Field })[] {
  return fields.flatMap((field) => {
    const value = values[field.id]
    if (value === undefined) return []
    return (fieldTypes.get(field.type).refersTo?.(value) ?? []).map((reference) => ({ ...reference, field }))
  })
}

/** A value in words; empty for none. */
export function formatValue(
  field: Pick<Field, 'type' | 'settings'>,
  value: unknown,
  place: FieldPlace,
): string {
  return value === undefined ? '' : fieldTypes.get(field.type).format(value, field.settings, place)
}

/** What the index orders and narrows an entry by. */
export interface IndexedValues {
  /** Numbers or texts that order as the values do, by field id; folded texts by `textKey`. */
  readonly sort: Readonly<Record<string, number | string>>
  /** What “is one of” may ask for, field by field; `hasValue` for every field that has one. */
  readonly keys: readonly { readonly fieldId: number; readonly value: string }[]
}

/** The key of every field that has a value at all; no field has it as a value. */
export const hasValue = ''

/** Under which name the texts of a field are kept beside its sort values: folded, or as they are. */
export function textKey(fieldId: number, form: 'folded' | 'exact'): string {
  return `${fieldId}${form === 'folded' ? 't' : 'x'}`
}

/** Longer texts equal nothing that a rule can ask for. */
export const longestAsked = 500

/** Texts as they are compared exactly: on one line, in composed form. */
export function exactText(text: string): string {
  return text.normalize('NFC').replace(/\s+/gu, ' ').trim()
}

/** Texts as one, each on a line of its own, so that what is looked for is never found across two. */
function lines(texts: readonly string[]): string {
  return `\n${texts.join('\n')}\n`
}

function textValues(
  fieldId: number,
  texts: readonly string[],
  locale: string,
): Readonly<Record<string, string>> {
  const exact = texts.map(exactText).filter((text) => text.length <= longestAsked)
  return {
    [textKey(fieldId, 'folded')]: lines(texts.map((text) => folded(text, locale))),
    ...(exact.length > 0 && { [textKey(fieldId, 'exact')]: lines(exact) }),
  }
}

/**
 * What the index holds of an entry's values, under the numbers of their storage. `locale` decides
 * which letters count as the same.
 */
export function indexedValues(fields: readonly Field[], values: FieldValues, locale: string): IndexedValues {
  const sort: Record<string, number | string> = {}
  const keys: { fieldId: number; value: string }[] = []
  for (const field of fields) {
    const value = values[field.id]
    if (value === undefined) continue
    const type = fieldTypes.get(field.type)
    if ((field.sortable || (field.filterable && isRange(type.filter))) && type.sortKey !== null)
      sort[storageOf(field)] = type.sortKey(value, field.settings)
    const own = (type.keys?.(value) ?? []).map(String)
    const asked = field.filterable
      ? [String(hasValue), ...own]
      : own.filter((key) => orderParts(field).includes(key))
    keys.push(...asked.map((key) => ({ fieldId: storageOf(field), value: key })))
    if (!field.filterable) continue
    if (type.texts) Object.assign(sort, textValues(storageOf(field), type.texts(value), locale))
  }
  return { sort, keys }
}

/** The keys by which entries are put together before a field orders them: amounts by their currency. */
export function orderParts(field: Pick<Field, 'type' | 'settings' | 'sortable'>): readonly string[] {
  return field.sortable ? (fieldTypes.get(field.type).orderedWithin?.(field.settings) ?? []) : []
}

/** Whether a field of this kind is narrowed by where its sort key lies. */
export function isRange(filter: FilterKind): boolean {
  return filter === 'number' || filter === 'day' || filter === 'instant'
}

function under(path: string, faults: readonly Fault[]): readonly Fault[] {
  return faults.map((fault) => ({ ...fault, path: fault.path === '' ? path : `${path}.${fault.path}` }))
}
