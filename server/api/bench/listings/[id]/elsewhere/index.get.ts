import type { ListingElsewhere } from '../../../../../../core/pages/listing-elsewhere'
import { questionEndpoint } from '../../../../../http/endpoint'
import { uuidParameter } from '../../../../../http/parameters'
import { isShownElsewhere } from '../../../../../pages/listing-elsewhere'
import { siteOrigin } from '../../../../../site/origin'

/** Whether a listing is shown at an address of its own, and where that is. */
export default questionEndpoint('writer', async ({ event, db }): Promise<ListingElsewhere> => ({
  isShown: await isShownElsewhere(db, uuidParameter(event, 'id', 'The listing')),
  origin: await siteOrigin(event),
}))
