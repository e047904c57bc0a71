import { createEventStream, defineEventHandler, getQuery, setResponseStatus } from 'h3'
import { largestId } from '../../core/schemas'
import { database } from '../db/client'
import { changeFeed } from '../live/feed'
import { collectionsOnPage, touchesPage } from '../live/page-dependencies'

/** The event stream of an open public page, `/live?page=12`: one `changed` each time it should look again. */
export default defineEventHandler(async (event) => {
  const pageId = Number(getQuery(event).page)
  if (!Number.isInteger(pageId) || pageId < 1 || pageId > largestId) {
    setResponseStatus(event, 400)
    return 'Name the page by its number: /live?page=12'
  }
  const stream = createEventStream(event)
  let collections = await collectionsOnPage(database(), pageId)
  const unsubscribe = changeFeed().subscribe((changes) => {
    if (!changes.some((change) => touchesPage(change, pageId, collections))) return
    void stream.push({ event: 'changed', data: '' })
    if (changes.some((change) => change.kind !== 'collection'))
      void collectionsOnPage(database(), pageId).then((found) => (collections = found))
  })
  // Something now and then keeps proxies from closing a quiet stream.
  const beat = setInterval(() => void stream.push({ event: 'beat', data: '' }), 25_000)
  stream.onClosed(async () => {
    clearInterval(beat)
    unsubscribe()
    await stream.close()
  })
  void stream.push({ event: 'open', data: '' })
  return stream.send()
})
