import { createEventStream, defineEventHandler, getQuery, setResponseHeader, setResponseStatus } from 'h3'
import { largestId } from '../../core/schemas'
import { clientOf } from '../http/clients'
import { pageWatches } from '../live/feed'
import { Places } from '../live/places'

/**
 * So many streams are open at once, of one client and in all: one page has one, and a client may be
 * a whole office.
 */
const places = new Places({ ofOne: 200, inAll: 5000 })
/** Something now and then keeps proxies from closing a quiet stream. */
const beatEvery = 25_000

/**
 * The event stream of an open public page, `/live?page=12&seen=…&at=…`: one `changed` each time it
 * should look again, the first at once where it is behind already.
 */
export default defineEventHandler(async (event) => {
  const query = getQuery(event)
  const [page, at] = [Number(query.page), Number(query.at)]
  if (!Number.isInteger(page) || page < 1 || page > largestId) {
    setResponseStatus(event, 400)
    return 'Name the page by its number: /live?page=12'
  }
  const leave = places.take(clientOf(event))
  if (leave === null) {
    setResponseStatus(event, 429)
    setResponseHeader(event, 'retry-after', 60)
    return 'Too many pages are open at once. This one is not brought up to date by itself.'
  }
  const stream = createEventStream(event)
  const snapshot = typeof query.seen === 'string' && query.seen !== '' ? query.seen : null
  // Who says nothing of what it saw, as the bench, looks for itself when it begins.
  const seen = { snapshot, at: Number.isSafeInteger(at) && at > 0 ? Math.min(at, Date.now()) : Date.now() }
  const close = pageWatches().open(
    page,
    () => void stream.push({ event: 'changed', data: '' }),
    query.seen === undefined ? null : seen,
  )
  const beat = setInterval(() => void stream.push({ event: 'beat', data: '' }), beatEvery)
  stream.onClosed(async () => {
    clearInterval(beat)
    close()
    leave()
    await stream.close()
  })
  void stream.push({ event: 'open', data: '' })
  return stream.send()
})
