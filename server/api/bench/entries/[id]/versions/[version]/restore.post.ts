import { object } from 'yup'
import { versionSchema } from '../../../../../../../core/schemas'
import { parseWith } from '../../../../../../../core/parsing'
import { restoreVersion } from '../../../../../../content/entries'
import { readJson } from '../../../../../../http/body'
import { benchEndpoint } from '../../../../../../http/endpoint'
import { numberParameter } from '../../../../../../http/parameters'
import { accepted } from '../../../../../../http/problem'

const schema = object({ version: versionSchema().required() }).noUnknown().required()

/** Brings an entry back to an earlier version, over the version its writer had seen. */
export default benchEndpoint('writer', async ({ event, db, account }) => {
  const { version } = accepted(parseWith(schema, await readJson(event)))
  return restoreVersion(
    db,
    numberParameter(event, 'id', 'The entry'),
    version,
    numberParameter(event, 'version', 'The version'),
    account,
  )
})
