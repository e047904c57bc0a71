import { versionsOf } from '../../../../../content/entry-history'
import { benchEndpoint } from '../../../../../http/endpoint'
import { numberParameter } from '../../../../../http/parameters'

/** The history of an entry, newest first. */
export default benchEndpoint('writer', ({ event, db }) => versionsOf(db, numberParameter(event, 'id', 'The entry')))
