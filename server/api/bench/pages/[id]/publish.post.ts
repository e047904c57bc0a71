import { object } from 'yup'
import { versionSchema } from '../../../../../core/schemas'
import { parseWith } from '../../../../../core/parsing'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'
import { publishPage } from '../../../../pages/pages'

const schema = object({ version: versionSchema().required() }).required()

/** Makes the draft of that version what visitors see. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const { version } = accepted(parseWith(schema, await readJson(event)))
  return publishPage(db, numberParameter(event, 'id', 'The page'), version, account)
})
