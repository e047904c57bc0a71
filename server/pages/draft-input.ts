import { array, boolean, mixed, object, string } from 'yup'
import { versionSchema } from '../../core/schemas'
import { parseWith } from '../../core/parsing'
import { uuidPattern } from '../../core/uuid'
import { accepted } from '../http/problem'
import type { DraftInput } from './pages'

const schema = object({
  version: versionSchema().required(),
  page: mixed().required(),
  whole: boolean(),
  /** What a visitor asks of the page, as its address has it. */
  visitor: string().max(4000, 'Ask for less at once.'),
  listings: array(
    object({
      id: string().matches(uuidPattern, 'A listing has a UUID.').required(),
      version: versionSchema(0).required(),
      definition: mixed().required(),
    }).required(),
  )
    .max(400, 'A page holds at most 400 listings.')
    .required(),
}).required()

/** The outer form of a draft as it comes in; its definitions are read by `parseDraft`. */
export function draftInput(body: unknown): DraftInput {
  return accepted(parseWith<unknown>(schema, body)) as DraftInput
}
