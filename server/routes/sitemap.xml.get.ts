import { defineEventHandler, getRequestURL, setResponseHeader, setResponseStatus } from 'h3'
import { problemOf } from '../http/endpoint'
import { database } from '../db/client'
import { siteMap } from '../pages/site-map'
import { siteOrigin } from '../site/origin'

/** The addresses of what is published, for programs that look at the whole site (sitemaps.org, 0.9). */
export default defineEventHandler(async (event) => {
  const { searchParams } = getRequestURL(event)
  const given = searchParams.get('part')
  const part = given === null ? null : /^[1-9]\d{0,4}$/.test(given) ? Number(given) : 0
  setResponseHeader(event, 'cache-control', 'no-cache')
  try {
    const xml = part === 0 ? null : await siteMap(database(), await siteOrigin(event), part, Date.now())
    if (xml === null) {
      setResponseStatus(event, 404)
      return ''
    }
    setResponseHeader(event, 'content-type', 'application/xml; charset=utf-8')
    return xml
  } catch (error) {
    const { status } = problemOf(error)
    if (status === 503) setResponseHeader(event, 'retry-after', 30)
    setResponseStatus(event, status)
    return ''
  }
})
