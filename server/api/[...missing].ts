import { openEndpoint } from '../http/endpoint'
import { missing } from '../http/problem'

/** Answers every address of the API that nothing else does. */
export default openEndpoint(async () => {
  throw missing('This address')
})
