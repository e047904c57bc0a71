import { benchEndpoint } from '../../../../http/endpoint'
import { uuidParameter } from '../../../../http/parameters'
import { stopWork } from '../../../../work/works'

/** Has work end where it is. */
export default benchEndpoint('owner', async ({ event, db }) => {
  await stopWork(db, uuidParameter(event, 'id', 'This work'))
  return { stopping: true }
})
