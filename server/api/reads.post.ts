import { getHeader, setResponseStatus } from 'h3'
import { object } from 'yup'
import { parseWith } from '../../core/parsing'
import { idSchema } from '../../core/schemas'
import { readOpenJson } from '../http/body'
import { clientOf } from '../http/clients'
import { openEndpoint } from '../http/endpoint'
import { accepted } from '../http/problem'
import { readCounter } from '../reads/counter'

const schema = object({ entry: idSchema().required() }).noUnknown().required()

/** Counts that an entry was read, as the script of public pages tells. */
export default openEndpoint(async ({ event }) => {
  const { entry } = accepted(parseWith(schema, await readOpenJson(event)))
  readCounter().count(
    entry,
    { client: clientOf(event), agent: getHeader(event, 'user-agent') ?? '' },
    Date.now(),
  )
  setResponseStatus(event, 204)
  return null
})
