import { setResponseHeader } from 'h3'
import { framedPolicy } from '../../../../http/content-policy'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'
import { askingAnew } from '../../../../listings/ask'
import { askedForPage } from '../../../../pages/asked-draft'
import { editedPage } from '../../../../pages/pages'
import { draftDocument } from '../../../../pages/public-document'

/** The draft as a whole document, for the bench's frame. */
export default questionEndpoint('writer', async ({ event, db }) => {
  const edited = await editedPage(db, numberParameter(event, 'id', 'The page'))
  const listings = new Map(edited.listings.map((one) => [one.id, one.definition]))
  setResponseHeader(event, 'content-type', 'text/html; charset=utf-8')
  setResponseHeader(event, 'content-security-policy', framedPolicy)
  const asked = askedForPage({ now: Date.now(), page: null, visit: 'bench' }, edited.subject)
  return draftDocument(db, askingAnew(db), { ...edited, listings }, asked)
})
