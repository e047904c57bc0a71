import { getQuery, getRouterParam } from 'h3'
import type { H3Event } from 'h3'
import type { Schema } from 'yup'
import { ValidationError } from 'yup'
import { jsonFault } from '../../core/json-limits'
import { validationFaults } from '../../core/parsing'
import { uuidPattern } from '../../core/uuid'
import { missing, refused } from './problem'

/** The number a route names, `/entries/12`. Throws 404 for anything else. */
export function numberParameter(event: H3Event, name: string, what: string): number {
  const text = getRouterParam(event, name) ?? ''
  if (!/^[1-9]\d{0,8}$/.test(text)) throw missing(what)
  return Number(text)
}

/** The query string checked by a schema, which may convert texts to numbers. Throws 422. */
export function queryParameters<T>(event: H3Event, schema: Schema<T>): T {
  try {
    return schema.validateSync(onceEach(getQuery(event)), { abortEarly: false, disableStackTrace: true })
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    throw refused(validationFaults(error))
  }
}

/** Each value of a query once, and only what can be kept. */
function onceEach(query: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const fault = jsonFault(query)
  if (fault !== null) throw refused([fault])
  const twice = Object.keys(query).find((name) => typeof query[name] !== 'string')
  if (twice !== undefined) throw refused([{ path: twice, message: 'Say this once in the address.' }])
  return query
}

/** The UUID a route names. Throws 404 for anything else. */
export function uuidParameter(event: H3Event, name: string, what: string): string {
  const text = getRouterParam(event, name) ?? ''
  if (!uuidPattern.test(text)) throw missing(what)
  return text
}
