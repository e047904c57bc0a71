import { lazy, mixed, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { idSchema } from '../schemas'
import type { PageSubject } from '../rules/context'

const byId = object({ kind: string().required(), id: idSchema().required() }).noUnknown().required()
const schemas: Record<PageSubject['kind'], Schema<unknown>> = {
  term: byId,
  author: byId,
  entry: byId,
  month: object({
    kind: string().required(),
    year: number().integer().min(1).max(9999).required(),
    month: number().integer().min(1).max(12).required(),
  })
    .noUnknown()
    .required(),
  search: object({ kind: string().required(), words: string().defined().max(200) })
    .noUnknown()
    .required(),
}
const unknownSubject = mixed().test(
  'known',
  `A page is about one of: ${Object.keys(schemas).join(', ')}.`,
  () => false,
)

/** Checks what a page is about. */
export const pageSubjectSchema = lazy((value: unknown) => {
  const kind: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'kind') : undefined
  return typeof kind === 'string' && Object.hasOwn(schemas, kind)
    ? schemas[kind as PageSubject['kind']]
    : unknownSubject
}) as unknown as Schema<PageSubject>
