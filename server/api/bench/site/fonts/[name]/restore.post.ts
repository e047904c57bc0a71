import { getRouterParam } from 'h3'
import { setFontRemoved } from '../../../../../fonts/fonts'
import { benchEndpoint } from '../../../../../http/endpoint'

/** Puts back a font that was taken away. */
export default benchEndpoint('designer', async ({ event, db }) => {
  await setFontRemoved(db, getRouterParam(event, 'name') ?? '', false)
  return { restored: true }
})
