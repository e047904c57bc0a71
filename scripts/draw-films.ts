import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import sharp from 'sharp'
import { frames } from '../demo/films/frames'
import type { FilmName } from '../demo/films/frames'

/**
 * Draws the demo's two films anew: `node --import tsx scripts/draw-films.ts`. Needs Debian's ffmpeg;
 * the films it makes are kept in demo/films, so that nobody else does.
 */
const folder = fileURLToPath(new URL('../demo/films/', import.meta.url))
const framesPerSecond = 24

for (const name of Object.keys(frames) as FilmName[]) {
  const { seconds, draw } = frames[name]
  const encoder = spawn(
    'ffmpeg',
    [
      '-y',
      '-loglevel',
      'error',
      '-f',
      'image2pipe',
      '-framerate',
      String(framesPerSecond),
      '-i',
      '-',
      '-c:v',
      'libvpx-vp9',
      '-pix_fmt',
      'yuv420p',
      '-crf',
      '38',
      '-b:v',
      '0',
      `${folder}${name}.webm`,
    ],
    { stdio: ['pipe', 'inherit', 'inherit'] },
  )
  const count = seconds * framesPerSecond
  for (let at = 0; at < count; at += 1) {
    const png = await sharp(Buffer.from(draw(at / count)))
      .png()
      .toBuffer()
    if (!encoder.stdin.write(png)) await new Promise((resolve) => encoder.stdin.once('drain', resolve))
  }
  encoder.stdin.end()
  await new Promise((resolve) => encoder.once('exit', resolve))
  console.log(`${name}: ${count} frames`)
}
