import { readJson } from '../../../http/body'
import { questionEndpoint } from '../../../http/endpoint'
import { askedInput } from '../../../listings/asked-input'
import { knownSite } from '../../../listings/context'
import { explainedInput } from '../../../listings/explained-input'
import { whyAnswer } from '../../../listings/why'
import { refused } from '../../../http/problem'

/** Why a listing shows an entry, or does not. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  const { listing, above } = explainedInput(body)
  const entry: unknown = typeof body === 'object' && body !== null ? Reflect.get(body, 'entry') : undefined
  if (typeof entry !== 'number' || !Number.isInteger(entry) || entry < 1)
    throw refused([{ path: 'entry', message: 'Name the entry by its number.' }])
  return whyAnswer(db, await knownSite(db), listing, askedInput(body, Date.now()), above, entry)
})
