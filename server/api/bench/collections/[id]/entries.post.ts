import { addEntry } from '../../../../content/entries'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** Adds an entry to a collection. */
export default benchEndpoint('writer', async ({ event, db, account }) =>
  addEntry(db, numberParameter(event, 'id', 'The collection'), await readJson(event), account),
)
