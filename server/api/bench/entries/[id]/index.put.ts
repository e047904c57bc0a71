import { mixed, number, object } from 'yup'
import { parseWith } from '../../../../../core/parsing'
import { saveEntry } from '../../../../content/entries'
import { benchEndpoint, readJson } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

const schema = object({ version: number().integer().min(1).required(), entry: mixed().required() }).required()

/** Saves an entry over the version its writer had seen. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  const id = numberParameter(event, 'id', 'The entry')
  const { version, entry } = accepted(parseWith(schema, await readJson(event)))
  return saveEntry(db, id, version, entry, account)
})
