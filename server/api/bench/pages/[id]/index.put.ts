import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { namePage } from '../../../../pages/page-addresses'

/** Gives a page another title or address. */
export default benchEndpoint('designer', async ({ event, db, account }) =>
  namePage(db, numberParameter(event, 'id', 'The page'), await readJson(event), account),
)
