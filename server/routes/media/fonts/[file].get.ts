import { defineEventHandler, getRouterParam, setResponseHeaders, setResponseStatus } from 'h3'
import { database } from '../../../db/client'
import { fontBytes } from '../../../fonts/fonts'
import { problemOf } from '../../../http/endpoint'

/** A file of a font that the site brought with it. The address names the bytes, so browsers keep them for good. */
export default defineEventHandler(async (event) => {
  try {
    const hash = /^([\da-f]{32})\.woff2$/.exec(getRouterParam(event, 'file') ?? '')?.[1]
    const bytes = hash === undefined ? null : await fontBytes(database(), hash)
    if (bytes === null) {
      setResponseStatus(event, 404)
      return 'There is no such font.'
    }
    setResponseHeaders(event, {
      'content-type': 'font/woff2',
      'cache-control': 'public, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    })
    return bytes
  } catch (error) {
    const { status, message } = problemOf(error)
    setResponseStatus(event, status)
    return message
  }
})
