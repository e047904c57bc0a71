import { boolean } from 'yup'
import { idOrLaterSchema } from '../../schemas'
import { formatValue } from '../../content/field'
import { valueOf } from '../card-entry'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

/** A field of the collection, as its type writes it. */
export interface FieldSetting extends PartBase {
  readonly part: 'field'
  /** 0 until one is chosen. */
  readonly field: number
  /** Whether the field's name stands before it. */
  readonly named?: boolean
}

export interface FieldContent {
  readonly text: string
  readonly name: string | null
}

export const field = definePart<'field', FieldSetting, FieldContent>({
  name: 'field',
  title: 'Field',
  styled: '.fact',
  schema: partSettings('field', { field: idOrLaterSchema().required(), named: boolean() }),
  defaults: { part: 'field', on: true, field: 0 },
  several: true,
  wraps: true,
  phrase: (setting, words) =>
    setting.field === 0
      ? 'a field'
      : (words.field(setting.field)?.name.toLowerCase() ?? 'a field that is gone'),
  content(setting, entry, context) {
    const found = valueOf(entry, setting.field, context)
    const text = found === null ? '' : formatValue(found.field, found.value, context)
    return found === null || text === '' ? null : { text, name: setting.named ? found.field.name : null }
  },
})
