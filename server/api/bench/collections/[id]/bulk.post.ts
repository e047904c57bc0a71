import { changeInBulk } from '../../../../content/bulk'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Changes many entries at once. */
export default benchEndpoint('writer', async ({ event, db, account }) =>
  changeInBulk(db, numberParameter(event, 'id', 'The collection'), await readJson(event), account),
)
