import { object } from 'yup'
import { parseWith } from '../../../../core/parsing'
import { idSchema } from '../../../../core/schemas'
import { readJson } from '../../../http/body'
import { questionEndpoint } from '../../../http/endpoint'
import { accepted } from '../../../http/problem'
import { askedInput } from '../../../listings/asked-input'
import { knownSite } from '../../../listings/context'
import { explainedInput } from '../../../listings/explained-input'
import { whyAnswer } from '../../../listings/why'

const missing = 'Name the entry by its number.'
const schema = object({ entry: idSchema(missing).required(missing) })

/** Why a listing shows an entry, or does not. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  const { listing, above } = explainedInput(body)
  const asked = typeof body === 'object' && body !== null ? Reflect.get(body, 'entry') : undefined
  const { entry } = accepted(parseWith<{ readonly entry: number }>(schema, { entry: asked as unknown }))
  return whyAnswer(db, await knownSite(db), listing, askedInput(body, Date.now()), above, entry)
})
