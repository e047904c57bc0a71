import { fileTypeFromBuffer } from 'file-type'
import sanitizeHtml from 'sanitize-html'
import sharp from 'sharp'
import { largestMedia, mediaTypes } from '../../core/content/media'
import type { MediaType } from '../../core/content/media'
import { refused } from '../http/problem'

/** A file that is taken, as it will be stored. */
export interface Recognised {
  readonly type: MediaType
  readonly bytes: Buffer
  readonly width: number
  readonly height: number
  readonly tint: string
  readonly moves: boolean
}

/** Pictures of more pixels than this are refused: a small file may claim to be huge. */
const mostPixels = 120_000_000
/** Drawings without pixels of their own are kept as wide or as high as this. */
const drawingSide = 1600

/** Tells what a file is by its content, never by its name, and makes it safe. Throws 422 for what is not taken. */
export async function recognise(given: Buffer): Promise<Recognised> {
  const type = await typeOf(given)
  if (type === undefined)
    throw refused([{ path: 'file', message: 'Files of this kind are not taken. Bring PNG, JPEG, WebP, AVIF, GIF, SVG, MP4, WebM, MP3, Ogg, WAV, WebVTT or PDF.' }])
  const most = largestMedia[type.kind]
  if (given.length > most) throw refused([{ path: 'file', message: `This file has ${megabytes(given.length)} MB; at most ${megabytes(most)} MB are taken. Bring a smaller one.` }])
  const bytes = type.type === 'image/svg+xml' ? safeSvg(given) : given
  if (type.kind !== 'picture') return { type, bytes, width: 0, height: 0, tint: '#e4dfd2', moves: false }
  return { type, bytes, ...(await measured(bytes, type.type === 'image/svg+xml')) }
}

function megabytes(bytes: number): number {
  return Math.round(bytes / 100_000) / 10
}

async function typeOf(bytes: Buffer): Promise<MediaType | undefined> {
  const found = await fileTypeFromBuffer(bytes)
  const named = { 'application/xml': 'image/svg+xml', 'audio/x-wav': 'audio/wav', 'audio/vnd.wave': 'audio/wav' } as Record<string, string>
  const mime = found === undefined ? undefined : (named[found.mime] ?? found.mime.split(';')[0])
  const start = bytes.subarray(0, 4000).toString('utf8').replace(/^\ufeff/, '')
  // WebVTT, 4.1: the file begins with these letters.
  if (found === undefined && /^WEBVTT(?:[ \t\n\r]|$)/.test(start)) return mediaTypes.find((one) => one.type === 'text/vtt')
  if (found === undefined || mime === 'image/svg+xml')
    return /^\s*(?:<\?xml[^>]*>|<!--[\s\S]*?-->|<!doctype[^>[]*>|\s)*<svg[\s>]/i.test(start) ? mediaTypes.find((one) => one.type === 'image/svg+xml') : undefined
  return mediaTypes.find((one) => one.type === mime)
}

async function measured(bytes: Buffer, isDrawing: boolean): Promise<Pick<Recognised, 'width' | 'height' | 'tint' | 'moves'>> {
  try {
    const picture = sharp(bytes, { limitInputPixels: mostPixels })
    const [{ pages = 1, autoOrient }, { dominant }] = await Promise.all([picture.metadata(), picture.clone().flatten({ background: '#ffffff' }).stats()])
    const scale = isDrawing ? drawingSide / Math.max(autoOrient.width, autoOrient.height) : 1
    const hex = [dominant.r, dominant.g, dominant.b].map((channel) => channel.toString(16).padStart(2, '0')).join('')
    return { width: Math.round(autoOrient.width * scale), height: Math.round(autoOrient.height * scale), tint: `#${hex}`, moves: pages > 1 }
  } catch {
    throw refused([{ path: 'file', message: 'This picture is damaged, or has too many pixels. Save it anew and bring that.' }])
  }
}

const shapes = ['svg', 'g', 'defs', 'symbol', 'use', 'title', 'desc', 'path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'text', 'tspan', 'clipPath', 'mask', 'pattern', 'linearGradient', 'radialGradient', 'stop', 'marker']
const attributes = [
  'id', 'class', 'xmlns', 'version', 'viewBox', 'preserveAspectRatio', 'width', 'height', 'x', 'y', 'x1', 'x2', 'y1', 'y2', 'cx', 'cy', 'r', 'rx', 'ry', 'fx', 'fy', 'd', 'points',
  'transform', 'fill', 'fill-opacity', 'fill-rule', 'clip-rule', 'clip-path', 'mask', 'stroke', 'stroke-width', 'stroke-linecap', 'stroke-linejoin', 'stroke-dasharray',
  'stroke-dashoffset', 'stroke-opacity', 'stroke-miterlimit', 'opacity', 'offset', 'stop-color', 'stop-opacity', 'gradientUnits', 'gradientTransform', 'spreadMethod',
  'patternUnits', 'patternTransform', 'patternContentUnits', 'clipPathUnits', 'maskUnits', 'font-family', 'font-size', 'font-weight', 'text-anchor', 'letter-spacing',
  'dx', 'dy', 'markerWidth', 'markerHeight', 'refX', 'refY', 'orient', 'href',
]

/**
 * A drawing of shapes alone: no scripts, no handlers, no style sheets, nothing embedded and nothing
 * fetched. References may lead to parts of the drawing itself only.
 */
export function safeSvg(given: Buffer): Buffer {
  const cleaned = sanitizeHtml(given.toString('utf8'), {
    allowedTags: shapes,
    allowedAttributes: { '*': attributes },
    parser: { xmlMode: true, lowerCaseTags: false, lowerCaseAttributeNames: false },
    transformTags: {
      '*': (tagName, attribs) => ({
        tagName,
        attribs: Object.fromEntries(
          Object.entries(attribs)
            .map(([name, value]) => [name === 'xlink:href' ? 'href' : name, value] as const)
            .filter(([name, value]) => (name === 'href' ? /^#[\w.-]+$/.test(value) : !/url\(\s*['"]?(?!#)|expression|javascript:/i.test(value))),
        ),
      }),
    },
    allowedSchemes: [],
    allowProtocolRelative: false,
  })
  const svg = /<svg[\s\S]*<\/svg>/.exec(cleaned)?.[0]
  if (svg === undefined) throw refused([{ path: 'file', message: 'This drawing holds no shapes. Save it anew as plain SVG and bring that.' }])
  return Buffer.from(/^<svg[^>]*\sxmlns=/.test(svg) ? svg : svg.replace(/^<svg/, '<svg xmlns="http://www.w3.org/2000/svg"'))
}
