import { defineEventHandler, getRouterParam, setResponseHeaders, setResponseStatus } from 'h3'
import { database } from '../../../db/client'
import { rendition } from '../../../media/renditions'

/** A picture at one of its widths. The address names its bytes, so browsers may keep it for good. */
export default defineEventHandler(async (event) => {
  const hash = getRouterParam(event, 'hash') ?? ''
  const width = /^([1-9]\d{0,4})\.webp$/.exec(getRouterParam(event, 'file') ?? '')?.[1]
  const bytes =
    width !== undefined && /^[0-9a-f]{16,64}$/.test(hash) ? await rendition(database(), hash, Number(width)) : null
  if (bytes === null) {
    setResponseStatus(event, 404)
    return 'There is no such picture.'
  }
  setResponseHeaders(event, {
    'content-type': 'image/webp',
    'cache-control': 'public, max-age=31536000, immutable',
    'x-content-type-options': 'nosniff',
  })
  return bytes
})
