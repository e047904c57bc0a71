import { versionOf } from '../../../../../../content/entry-history'
import { questionEndpoint } from '../../../../../../http/endpoint'
import { numberParameter } from '../../../../../../http/parameters'

/** An entry as it stood in a version. */
export default questionEndpoint('writer', ({ event, db }) =>
  versionOf(db, numberParameter(event, 'id', 'The entry'), numberParameter(event, 'version', 'The version')),
)
