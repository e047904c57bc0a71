import { sql } from 'kysely'
import rangeParser from 'range-parser'
import { fileAddress } from '../../core/content/media'
import type { Db } from '../db/client'

export interface OriginalAnswer {
  readonly status: 200 | 206 | 416
  readonly headers: Record<string, string>
  readonly bytes: Buffer
}

/** Sent at once at most, so that a long video is not held in memory whole. */
const chunk = 4_000_000

/**
 * A stored file that is no picture, whole or the range asked for (RFC 9110, 14), or null when there
 * is none of that name. Pictures are given out as renditions only: an SVG never as it came.
 */
export async function originalFile(
  db: Db,
  hash: string,
  file: string,
  range: string | undefined,
): Promise<OriginalAnswer | null> {
  const media = await db
    .selectFrom('media')
    .select(['type', 'bytes', 'hash', 'file_name'])
    .where('hash', '=', hash)
    .where('kind', '<>', 'picture')
    .where('deleted_at', 'is', null)
    .executeTakeFirst()
  if (!media || !fileAddress(media).endsWith(`/${file}`)) return null
  const headers = {
    'content-type': media.type,
    'accept-ranges': 'bytes',
    'content-security-policy': "default-src 'none'; sandbox",
  }
  const asked = rangeOf(range, media.bytes)
  if (asked === 'none')
    return {
      status: 416,
      headers: { ...headers, 'content-range': `bytes */${media.bytes}` },
      bytes: Buffer.alloc(0),
    }
  if (asked === 'whole') return { status: 200, headers, bytes: await slice(db, hash, 0, media.bytes) }
  const [from, to] = asked
  return {
    status: 206,
    headers: { ...headers, 'content-range': `bytes ${from}-${to}/${media.bytes}` },
    bytes: await slice(db, hash, from, to - from + 1),
  }
}

/** What the package answers where a header is none of ranges, and where there is nothing of a range. */
const malformed = -2
const unsatisfiable = -1

/**
 * First and last byte of a range header; “whole” where it asks for nothing that is understood,
 * “none” for what is not there.
 */
export function rangeOf(
  header: string | undefined,
  size: number,
): readonly [number, number] | 'whole' | 'none' {
  const ranges = header === undefined ? malformed : rangeParser(size, header)
  if (ranges === unsatisfiable) return 'none'
  if (ranges === malformed || ranges.type !== 'bytes' || ranges.length > 1) return 'whole'
  const [range] = ranges
  return range === undefined ? 'whole' : [range.start, Math.min(range.end, range.start + chunk - 1)]
}

async function slice(db: Db, hash: string, from: number, length: number): Promise<Buffer> {
  const { rows } = await sql<{ bytes: Buffer }>`
    select substring(bytes from ${from + 1} for ${length}) as bytes from media_originals where hash = ${hash}`.execute(
    db,
  )
  return rows[0]?.bytes ?? Buffer.alloc(0)
}
