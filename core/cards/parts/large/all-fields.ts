import { array } from 'yup'
import { formatValue, mostFields, referencesOf } from '../../../content/field'
import type { Field } from '../../../content/field'
import type { FieldTypeName } from '../../../content/fields'
import type { RichText } from '../../../content/rich-text/document'
import { htmlOfDocument } from '../../../content/rich-text/html'
import { idSchema } from '../../../schemas'
import type { CardContext, CardEntry } from '../../card-entry'
import type { NavigationLink } from '../../../navigation'
import { definePart, partSettings } from '../define'
import type { PartBase } from '../define'

/** Every field that says something in words, under its name. */
export interface AllFieldsSetting extends PartBase {
  readonly part: 'all-fields'
  /** Fields that are left out. */
  readonly without: readonly number[]
}

/** What a field says: in words, as text of its own with markup, or as ways somewhere. */
export type SaidField = { readonly name: string } & (
  | { readonly is: 'words'; readonly text: string }
  | { readonly is: 'text'; readonly html: string }
  | { readonly is: 'ways'; readonly to: readonly NavigationLink[] }
)

export interface AllFieldsContent {
  readonly fields: readonly SaidField[]
}

/** Types that say nothing in words; what they hold stands in parts of its own. */
const unsaid = new Set<FieldTypeName>(['picture', 'pictures', 'file', 'colour'])

export const allFields = definePart<'all-fields', AllFieldsSetting, AllFieldsContent>({
  name: 'all-fields',
  title: 'All fields',
  styled: '.all-fields',
  isLarge: true,
  schema: partSettings('all-fields', { without: array(idSchema().required()).max(mostFields).required() }),
  defaults: { part: 'all-fields', on: true, without: [] },
  phrase: () => 'all fields',
  content({ without }, entry, context) {
    const fields = [...entry.fields.values()].flatMap((field): readonly SaidField[] => {
      const value = without.includes(field.id) || unsaid.has(field.type) ? undefined : entry.values[field.id]
      return value === undefined ? [] : said(field, value, entry, context)
    })
    return fields.length === 0 ? null : { fields }
  },
})

function said(field: Field, value: unknown, entry: CardEntry, context: CardContext): readonly SaidField[] {
  const { name } = field
  if (field.type === 'rich-text') return [{ name, is: 'text', html: htmlOfDocument(value as RichText) }]
  const text = formatValue(field, value, context)
  if (field.type === 'link')
    return [{ name, is: 'ways', to: [{ title: text, path: (value as { address: string }).address }] }]
  if (field.type !== 'reference') return text === '' ? [] : [{ name, is: 'words', text }]
  const to = referencesOf([field], entry.values).flatMap(({ id }) => entry.full?.entries.get(id) ?? [])
  return to.length === 0 ? [] : [{ name, is: 'ways', to }]
}
