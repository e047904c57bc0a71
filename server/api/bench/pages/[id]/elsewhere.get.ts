import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { placesElsewhere } from '../../../../pages/listing-places'

/** Where listings stand on other pages than this. */
export default questionEndpoint('writer', ({ event, db }) =>
  placesElsewhere(db, numberParameter(event, 'id', 'The page')),
)
