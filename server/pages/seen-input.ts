import { lazy, object } from 'yup'
import { parseWith } from '../../core/parsing'
import { versionSchema } from '../../core/schemas'
import { accepted } from '../http/problem'
import type { SeenVersions } from './publishing'

/** As many listings as a draft may hold. */
const most = 400
const schema = object({
  version: versionSchema().required(),
  listings: lazy((given: unknown) =>
    object(
      Object.fromEntries(
        Object.keys(typeof given === 'object' && given !== null ? given : {})
          .slice(0, most)
          .map((id) => [id, versionSchema(0).required()]),
      ),
    ).required(),
  ),
}).required()

/** The versions that whoever publishes had seen. Throws 422. */
export function seenInput(body: unknown): SeenVersions {
  return accepted(parseWith<unknown>(schema, body)) as SeenVersions
}
