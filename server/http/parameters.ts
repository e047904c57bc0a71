import { getQuery, getRouterParam } from 'h3'
import type { H3Event } from 'h3'
import type { Schema } from 'yup'
import { ValidationError } from 'yup'
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
    return schema.validateSync(getQuery(event), { abortEarly: false })
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const faults = error.inner.length === 0 ? [error] : error.inner
    throw refused(faults.map((one) => ({ path: one.path ?? '', message: one.errors[0] ?? one.message })))
  }
}

/** The UUID a route names. Throws 404 for anything else. */
export function uuidParameter(event: H3Event, name: string, what: string): string {
  const text = getRouterParam(event, name) ?? ''
  if (!uuidPattern.test(text)) throw missing(what)
  return text
}
