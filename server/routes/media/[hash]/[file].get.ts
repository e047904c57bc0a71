import { defineEventHandler, getHeader, getRouterParam, setResponseHeaders, setResponseStatus } from 'h3'
import type { H3Event } from 'h3'
import { database } from '../../../db/client'
import { problemOf } from '../../../http/endpoint'
import { accountOf } from '../../../people/session'
import { isPublicFile } from '../../../media/public-files'
import { originalFile } from '../../../media/originals'
import { formatFor, rendition } from '../../../media/renditions'

/** What only those who work on the site may see is kept by nobody on the way. */
const privately = { 'cache-control': 'private, no-store', 'x-content-type-options': 'nosniff' }
const forGood = {
  'cache-control': 'public, max-age=31536000, immutable',
  'x-content-type-options': 'nosniff',
}

/**
 * A picture at one of its widths, in the format that the reader takes, or another file as it is.
 * The address names the bytes, so browsers may keep them for good.
 */
export default defineEventHandler(async (event) => {
  try {
    return await fileFor(event)
  } catch (error) {
    const { status, message } = problemOf(error)
    setResponseStatus(event, status)
    if (status === 503) setResponseHeaders(event, { 'retry-after': 5, 'cache-control': 'no-store' })
    return message
  }
})

async function fileFor(event: H3Event): Promise<unknown> {
  const hash = getRouterParam(event, 'hash') ?? ''
  const file = getRouterParam(event, 'file') ?? ''
  const isPublic = /^[0-9a-f]{16,64}$/.test(hash) && (await isPublicFile(database(), hash, Date.now()))
  const known = isPublic || (/^[0-9a-f]{16,64}$/.test(hash) && (await accountOf(event, database())) !== null)
  const caching = isPublic ? forGood : privately
  const width = /^[1-9]\d{0,4}$/.exec(file)?.[0]
  if (known && width !== undefined) {
    const picture = await rendition(database(), hash, Number(width), formatFor(getHeader(event, 'accept')))
    if (picture !== null) {
      setResponseHeaders(event, { ...caching, 'content-type': picture.type, vary: 'accept' })
      return picture.bytes
    }
  }
  if (known && file.startsWith('original.')) {
    const original = await originalFile(database(), hash, file, getHeader(event, 'range'))
    if (original !== null) {
      setResponseStatus(event, original.status)
      setResponseHeaders(event, { ...caching, ...original.headers })
      return original.bytes
    }
  }
  setResponseStatus(event, 404)
  return 'There is no such file.'
}
