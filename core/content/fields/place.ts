import { object } from 'yup'
import { faulty } from '../../parsing'
import { readText } from './checks'
import { refusal } from './define'
import type { FieldType } from './define'
import { numberFormat } from '../../formats/formatters'

export interface PlaceValue {
  /** Degrees, north positive, −90 to 90; null while only the address is known. */
  readonly latitude: number | null
  /** Degrees, east positive, −180 to 180. */
  readonly longitude: number | null
  /** In one line; may be empty where there is a point. */
  readonly address: string
}

/** WGS 84 degrees to six decimals: about a tenth of a metre. */
function degrees(input: unknown, limit: number): number | null {
  if (typeof input !== 'number' || !Number.isFinite(input) || Math.abs(input) > limit) return null
  const rounded = Math.round(input * 1e6) / 1e6
  return Object.is(rounded, -0) ? 0 : rounded
}

/** A place on the map, by address, by point, or both. */
export const place: FieldType<'place', object, PlaceValue> = {
  name: 'place',
  title: 'Place',
  about: 'Where something is: an address, a point on the map, or both.',
  settings: object({}).noUnknown().required(),
  defaults: {},
  parse(input) {
    const given = (typeof input === 'object' && input !== null ? input : {}) as Partial<
      Record<keyof PlaceValue, unknown>
    >
    const hasPoint = given.latitude != null || given.longitude != null
    const latitude = degrees(given.latitude, 90)
    const longitude = degrees(given.longitude, 180)
    if (hasPoint && latitude === null)
      return faulty('latitude', 'A latitude lies between −90 and 90 degrees.')
    if (hasPoint && longitude === null)
      return faulty('longitude', 'A longitude lies between −180 and 180 degrees.')
    const empty = given.address === undefined || given.address === ''
    if (empty)
      return hasPoint
        ? { ok: true, value: { latitude, longitude, address: '' } }
        : refusal('Give an address or a point.')
    const address = readText(given.address, 300, 'one')
    if (!address.ok) return faulty('address', address.faults[0]?.message ?? '')
    return { ok: true, value: { latitude, longitude, address: address.value } }
  },
  read(text, settings) {
    const [, latitude, longitude, address] =
      /^\s*(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)(?:\s+(.*))?$/s.exec(text) ?? []
    if (latitude === undefined) return place.parse({ address: text.replace(/\s*\n\s*/g, ', ') }, settings)
    return place.parse(
      { latitude: Number(latitude), longitude: Number(longitude), address: address ?? '' },
      settings,
    )
  },
  write({ latitude, longitude, address }) {
    const point = latitude === null ? '' : `${plain(latitude)},${plain(longitude ?? 0)}`
    return [point, address].filter((part) => part !== '').join(' ')
  },
  format({ latitude, longitude, address }, _, { locale }) {
    if (address !== '') return address
    const number = numberFormat(locale, { maximumFractionDigits: 4 })
    const side = (value: number, positive: string, negative: string) =>
      `${number.format(Math.abs(value))}° ${value < 0 ? negative : positive}`
    return `${side(latitude ?? 0, 'N', 'S')}, ${side(longitude ?? 0, 'E', 'W')}`
  },
  filter: 'presence',
  sort: null,
  sortKey: null,
}

/** Without an exponent, which small numbers would get. */
function plain(value: number): string {
  return value.toFixed(6).replace(/\.?0+$/, '')
}
