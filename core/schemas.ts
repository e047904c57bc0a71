import { number, string } from 'yup'
import { isStorable } from './storable'

/** The largest number that the database takes for an id, a version or a place. */
export const largestId = 2_147_483_647

const beyond = 'There is nothing of this number.'

/** The id of something stored. `missing` is what is said where none is given. */
export function idSchema(missing = 'This takes the number of something stored.') {
  return number().typeError(missing).integer(missing).positive(missing).max(largestId, beyond)
}

/** The id of something stored, or null for none. */
export function idOrNoneSchema() {
  return idSchema().nullable().defined()
}

/** The id of something stored, or 0 until it is chosen. */
export function idOrLaterSchema() {
  return number().integer().min(0).max(largestId, beyond)
}

/** The version that somebody had seen. */
export function versionSchema(least = 1) {
  return number().integer().min(least).max(largestId, 'There is no such version.')
}

export const unstorable = 'The text holds a character that cannot be stored. Paste it as plain text.'

/** A text that the database can keep. */
export function textSchema() {
  return string().test('storable', unstorable, (value) => value == null || isStorable(value))
}
