import { getRouterParam, setResponseHeader } from 'h3'
import { object } from 'yup'
import { idSchema } from '../../../../../core/schemas'
import { framedPolicy } from '../../../../http/content-policy'
import { questionEndpoint } from '../../../../http/endpoint'
import { queryParameters } from '../../../../http/parameters'
import { readyMadeDocument } from '../../../../pages/making-pages'

const schema = object({ collection: idSchema() })

/** A ready-made page as it would begin, with entries of the site. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const { collection } = queryParameters(event, schema)
  const html = await readyMadeDocument(
    db,
    getRouterParam(event, 'name') ?? '',
    collection ?? null,
    Date.now(),
  )
  setResponseHeader(event, 'content-type', 'text/html; charset=utf-8')
  setResponseHeader(event, 'content-security-policy', framedPolicy)
  return html
})
