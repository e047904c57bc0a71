import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { saveLook } from '../../../../looks/looks'

/** Changes a look. */
export default benchEndpoint('designer', async ({ event, db }) =>
  saveLook(db, numberParameter(event, 'id', 'The look'), await readJson(event)),
)
