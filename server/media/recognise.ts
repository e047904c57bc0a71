import { fileTypeFromBuffer } from 'file-type'
import { largestMedia, mediaTypes } from '../../core/content/media'
import type { MediaType } from '../../core/content/media'
import { refused } from '../http/problem'
import { drawingFault } from './drawing-limits'
import { pictureMaker } from './picture-maker'

/** A file that is taken, as it will be stored. */
export interface Recognised {
  readonly type: MediaType
  readonly bytes: Buffer
  readonly width: number
  readonly height: number
  readonly tint: string
  readonly moves: boolean
}

/**
 * Tells what a file is by its content, never by its name, and makes it safe. Throws 422 for what is
 * not taken.
 */
export async function recognise(given: Buffer): Promise<Recognised> {
  const type = await typeOf(given)
  if (type === undefined)
    throw refused([
      {
        path: 'file',
        message:
          'Files of this kind are not taken. Bring PNG, JPEG, WebP, AVIF, GIF, SVG, MP4, WebM, MP3, Ogg, WAV, WebVTT or PDF.',
      },
    ])
  const most = largestMedia[type.kind]
  if (given.length > most)
    throw refused([
      {
        path: 'file',
        message: `This file has ${megabytes(given.length)} MB; at most ${megabytes(most)} MB are taken. Bring a smaller one.`,
      },
    ])
  if (type.kind !== 'picture')
    return { type, bytes: given, width: 0, height: 0, tint: '#e4dfd2', moves: false }
  const isDrawing = type.type === 'image/svg+xml'
  const fault = isDrawing ? drawingFault(given) : null
  if (fault !== null) throw refused([{ path: 'file', message: fault }])
  const taken = await pictureMaker().take(given, isDrawing)
  if ('fault' in taken) throw refused([{ path: 'file', message: taken.fault }])
  return { type, ...taken }
}

function megabytes(bytes: number): number {
  return Math.round(bytes / 100_000) / 10
}

async function typeOf(bytes: Buffer): Promise<MediaType | undefined> {
  const found = await fileTypeFromBuffer(bytes)
  const named = {
    'application/xml': 'image/svg+xml',
    'audio/x-wav': 'audio/wav',
    'audio/vnd.wave': 'audio/wav',
  } as Record<string, string>
  const mime = found === undefined ? undefined : (named[found.mime] ?? found.mime.split(';')[0])
  const start = bytes
    .subarray(0, 4000)
    .toString('utf8')
    .replace(/^\ufeff/, '')
  // WebVTT, 4.1: the file begins with these letters.
  if (found === undefined && /^WEBVTT(?:[ \t\n\r]|$)/.test(start))
    return mediaTypes.find((one) => one.type === 'text/vtt')
  if (found === undefined || mime === 'image/svg+xml')
    return /^\s*(?:<\?xml[^>]*>|<!--[\s\S]*?-->|<!doctype[^>[]*>|\s)*<svg[\s>]/i.test(start)
      ? mediaTypes.find((one) => one.type === 'image/svg+xml')
      : undefined
  return mediaTypes.find((one) => one.type === mime)
}
