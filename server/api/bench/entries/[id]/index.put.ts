import { mixed, object } from 'yup'
import { versionSchema } from '../../../../../core/schemas'
import { parseWith } from '../../../../../core/parsing'
import { saveEntry } from '../../../../content/entries'
import { readJson } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { accepted } from '../../../../http/problem'

const schema = object({ version: versionSchema().required(), entry: mixed().required() }).required()

/** Saves an entry over the version its writer had seen. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  const id = numberParameter(event, 'id', 'The entry')
  const { version, entry } = accepted(parseWith(schema, await readJson(event)))
  return saveEntry(db, id, version, entry, account)
})
