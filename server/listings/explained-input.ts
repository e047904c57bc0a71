import { array, mixed, object } from 'yup'
import { idSchema } from '../../core/schemas'
import { parseListing } from '../../core/listing/definition'
import type { Listing } from '../../core/listing/definition'
import { parseWith } from '../../core/parsing'
import { accepted } from '../http/problem'

const schema = object({
  definition: mixed().required(),
  above: array(idSchema().required()).max(2000),
})

/** A listing that the bench wants explained, and what is shown above it. Throws 422. */
export function explainedInput(body: unknown): {
  readonly listing: Listing
  readonly above: readonly number[]
} {
  const given =
    typeof body === 'object' && body !== null
      ? {
          definition: Reflect.get(body, 'definition') as unknown,
          above: Reflect.get(body, 'above') as unknown,
        }
      : {}
  const { definition, above } = accepted(parseWith<unknown>(schema, given)) as {
    readonly definition: unknown
    readonly above?: readonly number[]
  }
  return { listing: accepted(parseListing(definition), 'definition'), above: above ?? [] }
}
