import sharp from 'sharp'
import type { JobAnswer, PictureJob } from './picture-jobs'
import { safeSvg } from './safe-svg'

/**
 * A program of its own that works on pictures, one after the other: what a picture takes of time and
 * memory is this program's, which may be ended, and not the server's.
 */
sharp.cache(false)
sharp.concurrency(1)

/** Pictures of more pixels are refused: a small file may claim to be huge. */
const mostPixels = 50_000_000
/** The longest side that every format which is given out can have (WebP: 16,383). */
const longestSide = 16_000
/** Drawings without pixels of their own are kept as wide or as high as this. */
const drawingSide = 1600

async function take(given: Buffer, isDrawing: boolean): Promise<JobAnswer> {
  const bytes = isDrawing ? safeSvg(given) : given
  if (bytes === null)
    return { fault: 'This drawing holds no shapes. Save it anew as plain SVG and bring that.' }
  try {
    const picture = sharp(bytes, { limitInputPixels: mostPixels })
    const { pages = 1, autoOrient } = await picture.metadata()
    if (!isDrawing && Math.max(autoOrient.width, autoOrient.height) > longestSide)
      return {
        fault: `This picture is ${autoOrient.width} × ${autoOrient.height} px; at most ${longestSide.toLocaleString('en')} are taken on either side. Save it smaller and bring that.`,
      }
    // The colour is told from a small copy: reading every pixel is not needed for it.
    const { dominant } = await sharp(
      await sharp(bytes, { limitInputPixels: mostPixels, sequentialRead: true })
        .resize({ width: 64, height: 64, fit: 'inside' })
        .flatten({ background: '#ffffff' })
        .png()
        .toBuffer(),
    ).stats()
    const scale = isDrawing ? drawingSide / Math.max(autoOrient.width, autoOrient.height) : 1
    const hex = [dominant.r, dominant.g, dominant.b]
      .map((channel) => channel.toString(16).padStart(2, '0'))
      .join('')
    return {
      taken: {
        bytes,
        width: Math.max(1, Math.round(autoOrient.width * scale)),
        height: Math.max(1, Math.round(autoOrient.height * scale)),
        tint: `#${hex}`,
        moves: pages > 1,
      },
    }
  } catch {
    return {
      fault: `This picture is damaged, or has more than ${mostPixels / 1e6} million pixels. Save it anew and bring that.`,
    }
  }
}

/** Photographs turned by their camera are set upright; drawings are drawn anew, not enlarged. */
async function make({
  bytes,
  isDrawing,
  moves,
  width,
  format,
}: Extract<PictureJob, { do: 'make' }>): Promise<JobAnswer> {
  const given = Buffer.from(bytes)
  const options = isDrawing
    ? { density: await densityFor(given, width) }
    : { animated: moves, sequentialRead: true }
  const resized = sharp(given, { ...options, limitInputPixels: mostPixels * (moves ? 4 : 1) })
    .autoOrient()
    .resize({ width })
  // Effort 2 is a sixth of the time of sharp's usual 4 for files a tenth larger.
  return {
    made: await (
      format === 'avif' ? resized.avif({ quality: 60, effort: 2 }) : resized.webp({ quality: 82 })
    ).toBuffer(),
  }
}

/** The dots per inch at which a drawing is as wide as wanted. */
async function densityFor(drawing: Buffer, width: number): Promise<number> {
  const usual = 72
  const { width: own } = await sharp(drawing, { density: usual }).metadata()
  return Math.min(2400, Math.max(1, (usual * width) / own))
}

process.on('message', (job: PictureJob) => {
  const work = job.do === 'take' ? take(Buffer.from(job.bytes), job.isDrawing) : make(job)
  void work
    .catch((error: unknown): JobAnswer => ({ fault: `The picture could not be made: ${String(error)}` }))
    .then((answer) => process.send?.({ ...answer, memory: process.memoryUsage.rss() }))
})
process.on('disconnect', () => process.exit(0))
