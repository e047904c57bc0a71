import { readJson } from '../../../http/body'
import { questionEndpoint } from '../../../http/endpoint'
import { askedInput } from '../../../listings/asked-input'
import { explainedInput } from '../../../listings/explained-input'
import { listingSamples } from '../../../pages/listing-samples'

/** The ready-made listings, each with entries of a listing that may not be saved yet. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  return listingSamples(db, explainedInput(body).listing, askedInput(body, Date.now()))
})
