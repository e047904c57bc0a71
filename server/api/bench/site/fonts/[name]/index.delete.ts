import { getRouterParam } from 'h3'
import { setFontRemoved } from '../../../../../fonts/fonts'
import { benchEndpoint } from '../../../../../http/endpoint'

/** Takes a font away that the site brought with it; it can be put back until another is brought. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFontRemoved(db, getRouterParam(event, 'name') ?? '', true)
  return { deleted: true }
})
