import { readJson } from '../../../../../http/body'
import { benchEndpoint } from '../../../../../http/endpoint'
import { uuidParameter } from '../../../../../http/parameters'
import { showElsewhere } from '../../../../../pages/listing-elsewhere'

/** Shows a listing at an address of its own, or no more. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await showElsewhere(db, uuidParameter(event, 'id', 'The listing'), await readJson(event))
  return { saved: true }
})
