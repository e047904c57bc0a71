import { object } from 'yup'
import { isZone } from '../../time/zones'
import { refusal } from './define'
import type { FieldType } from './define'

const advice = 'This takes a time zone, such as Europe/London.'
/** The longest name in the IANA database has 32. */
const longest = 60

/** A time zone by its name in the IANA time zone database. */
export const zoneField: FieldType<'zone', object, string> = {
  name: 'zone',
  title: 'Time zone',
  about: 'By which clock an event goes that is elsewhere.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse: (input) =>
    typeof input === 'string' && input.length <= longest && isZone(input)
      ? { ok: true, value: input }
      : refusal(advice),
  read(text, settings) {
    const wanted = text.trim().replaceAll(' ', '_')
    const known = Intl.supportedValuesOf('timeZone').find(
      (zone) => zone.toLowerCase() === wanted.toLowerCase(),
    )
    return zoneField.parse(known ?? wanted, settings)
  },
  write: (value) => value,
  format: (value) => value.replaceAll('_', ' '),
  filter: 'key',
  keys: (value) => [value],
  sort: 'text',
  sortKey: (value) => value,
}
