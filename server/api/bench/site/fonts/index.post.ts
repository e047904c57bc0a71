import { largestFont } from '../../../../../core/looks/fonts/own-fonts'
import { addFontFile } from '../../../../fonts/fonts'
import { readBytes } from '../../../../http/body'
import { benchEndpoint } from '../../../../http/endpoint'

/** Brings a font to the site: its bytes, as WOFF2, are the body. */
export default benchEndpoint('designer', async ({ event, db }) =>
  addFontFile(db, await readBytes(event, largestFont)),
)
