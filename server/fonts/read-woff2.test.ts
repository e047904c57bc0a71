import { readFileSync } from 'node:fs'
import { brotliCompressSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { readWoff2 } from './read-woff2'
import { compressedPart } from './woff2-container'

const file = (font: string, cut = 'latin-wght-normal') =>
  readFileSync(`node_modules/@fontsource-variable/${font}/files/${font}-${cut}.woff2`)

/** What is said of a file that is not taken. */
function refusalOf(bytes: Buffer): Promise<string> {
  return readWoff2(bytes).then(
    () => 'taken',
    (error: unknown) => (error instanceof Error ? error.message : ''),
  )
}

/** A file whose header is right and whose compressed part is this. */
function packedAs(packed: Buffer): Buffer {
  const header = Buffer.alloc(48 + 2)
  header.write('wOF2', 'latin1')
  header.writeUInt32BE(0x00010000, 4)
  header.writeUInt32BE(header.length + packed.length, 8)
  header.writeUInt16BE(1, 12)
  header.writeUInt32BE(packed.length, 20)
  header.writeUInt8(1, 48)
  header.writeUInt8(4, 49)
  return Buffer.concat([header, packed])
}

describe('a WOFF2 file', () => {
  // What the packages say of their own files, in their names and style sheets.
  it.each([
    ['literata', 'latin-wght-normal', 'Literata', [200, 900], 'upright'],
    ['literata', 'latin-wght-italic', 'Literata', [200, 900], 'slanted'],
    ['outfit', 'latin-wght-normal', 'Outfit', [100, 900], 'upright'],
    ['bricolage-grotesque', 'latin-wght-normal', 'Bricolage Grotesque', [200, 800], 'upright'],
    ['newsreader', 'latin-wght-normal', 'Newsreader', [200, 800], 'upright'],
    ['jetbrains-mono', 'latin-wght-normal', 'JetBrains Mono', [100, 800], 'upright'],
  ] as const)('says its family and its cut: %s %s', async (font, cut, title, weights, slant) => {
    expect(await readWoff2(file(font, cut))).toMatchObject({ title, weights, slant })
  })

  it('that is none, or none of one font, is refused with what to do', async () => {
    const whole = file('outfit')
    const collection = Buffer.from(whole)
    collection.write('ttcf', 4, 'latin1')
    const older = Buffer.from(whole)
    older.write('wOFF', 0, 'latin1')
    for (const bytes of [
      Buffer.from('GIF89a'),
      Buffer.alloc(4000),
      Buffer.concat([whole, Buffer.from('and more')]),
      older,
      collection,
      whole.subarray(0, 900),
    ])
      expect(await refusalOf(bytes)).toContain('Save it as WOFF2')
  })

  it('that is broken inside is refused, and never more unpacked than there is room for', async () => {
    const whole = file('outfit')
    const broken = Buffer.from(whole).fill(7, 2000, 4000)
    const bomb = packedAs(brotliCompressSync(Buffer.alloc(60_000_000)))
    expect(bomb.length).toBeLessThan(2000)
    expect(compressedPart(bomb)).not.toBeNull()
    expect(await refusalOf(bomb)).toContain('more than 30 MB unpacked')
    for (const bytes of [broken, packedAs(brotliCompressSync(Buffer.from('none')))])
      expect(await refusalOf(bytes)).toContain('broken or cut off')
  })

  it('cut off anywhere is refused, by its header or by its content', async () => {
    const whole = file('outfit')
    for (let at = 0; at < whole.length; at += 1013) {
      const cut = Buffer.from(whole.subarray(0, at))
      if (at > 12) cut.writeUInt32BE(at, 8)
      expect(await refusalOf(cut)).toMatch(/Save it as WOFF2|broken or cut off/)
    }
  })
})
