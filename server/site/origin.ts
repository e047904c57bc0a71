import { getRequestURL } from 'h3'
import type { H3Event } from 'h3'
import { database } from '../db/client'
import { loadSite } from './site'

/** Where visitors reach the site, as `https://example.org`: as the site says, or else as it was asked for. */
export async function siteOrigin(event: H3Event): Promise<string> {
  const { address } = await loadSite(database())
  return address || getRequestURL(event).origin
}
