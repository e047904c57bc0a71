import { changeInBulk } from '../../../../content/bulk'
import { benchEndpoint, readJson } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes many entries at once. */
export default benchEndpoint('writer', async ({ event, db, account }) =>
  changeInBulk(db, numberParameter(event, 'id', 'The collection'), await readJson(event), account),
)
