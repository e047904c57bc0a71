import { readJson } from '../../../http/body'
import { questionEndpoint } from '../../../http/endpoint'
import { askedInput } from '../../../listings/asked-input'
import { explainedInput } from '../../../listings/explained-input'
import { cardSamples } from '../../../pages/card-samples'

/** The ready-made cards, each with an entry of a listing that may not be saved yet. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const body = await readJson(event)
  return cardSamples(db, explainedInput(body).listing, askedInput(body, Date.now()))
})
