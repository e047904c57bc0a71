import { versionOf } from '../../../../../../content/entry-history'
import { benchEndpoint } from '../../../../../../http/endpoint'
import { numberParameter } from '../../../../../../http/parameters'

/** An entry as it stood in a version. */
export default benchEndpoint('writer', ({ event, db }) =>
  versionOf(db, numberParameter(event, 'id', 'The entry'), numberParameter(event, 'version', 'The version')),
)
