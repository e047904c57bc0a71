import { number, object } from 'yup'
import { parseWith } from '../../../../../core/parsing'
import { benchEndpoint, readJson } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'
import { publishPage } from '../../../../pages/pages'

const schema = object({ version: number().integer().min(1).required() }).required()

/** Makes the draft of that version what visitors see. */
export default benchEndpoint('designer', async ({ event, db, account }) => {
  const { version } = accepted(parseWith(schema, await readJson(event)))
  return publishPage(db, numberParameter(event, 'id', 'The page'), version, account)
})
