import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { retryWork } from '../../../../work/works'

/** Has what failed tried again. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await retryWork(db, uuidParameter(event, 'id', 'This work'))
  return { retrying: true }
})
