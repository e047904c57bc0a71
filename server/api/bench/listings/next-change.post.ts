import { readJson } from '../../../http/body'
import { questionEndpoint } from '../../../http/endpoint'
import { askedInput } from '../../../listings/asked-input'
import { knownSite } from '../../../listings/context'
import { explainedInput } from '../../../listings/explained-input'
import { nextChangeOf } from '../../../listings/next-change'

/**
 * When the clock alone will next change what a listing shows, and what comes and goes then; null
 * for nothing within a month.
 */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  const { listing, above } = explainedInput(body)
  return { next: await nextChangeOf(db, await knownSite(db), listing, askedInput(body, Date.now()), above) }
})
