import { setTimeout } from 'node:timers/promises'
import { defineEventHandler, getRouterParam, setResponseHeaders, setResponseStatus } from 'h3'
import type { H3Event } from 'h3'
import { database } from '../../db/client'
import { codePolicy } from '../../http/content-policy'
import { problemOf } from '../../http/endpoint'
import { codeDocument, pastedCode } from '../../pages/pasted-code'
import { accountOf } from '../../people/session'

/** Whoever works on a page sees code before it is saved: so often, and so far apart, it is looked for. */
const tries = 12
const apart = 250

/** Code from elsewhere, for the frame that keeps it apart from the site. */
export default defineEventHandler(async (event) => {
  try {
    const code = await codeFor(event)
    setResponseStatus(event, code === null ? 404 : 200)
    setResponseHeaders(event, {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': codePolicy,
      'cache-control': code === null ? 'no-store' : 'private, max-age=3600',
    })
    return codeDocument(code ?? '')
  } catch (error) {
    const { status, message } = problemOf(error)
    setResponseStatus(event, status)
    return message
  }
})

async function codeFor(event: H3Event): Promise<string | null> {
  const hash = getRouterParam(event, 'hash') ?? ''
  if (!/^[0-9a-f]{32}$/.test(hash)) return null
  const code = await pastedCode(database(), hash)
  if (code !== null || (await accountOf(event, database())) === null) return code
  for (let tried = 1; tried < tries; tried += 1) {
    await setTimeout(apart)
    const saved = await pastedCode(database(), hash)
    if (saved !== null) return saved
  }
  return null
}
