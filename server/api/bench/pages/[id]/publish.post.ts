import { lazy, object } from 'yup'
import { versionSchema } from '../../../../../core/schemas'
import { parseWith } from '../../../../../core/parsing'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'
import { publishPage } from '../../../../pages/pages'
import type { SeenVersions } from '../../../../pages/pages'

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

/** Makes the draft of these versions what visitors see. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const seen = accepted(parseWith<unknown>(schema, await readJson(event))) as SeenVersions
  return publishPage(db, numberParameter(event, 'id', 'The page'), seen, account)
})
