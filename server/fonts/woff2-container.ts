const headerBytes = 48
/** Of one font, with outlines of either kind. */
const flavours = new Set([0x00010000, 0x4f54544f, 0x74727565])
/** The places of `glyf` and `loca` among the tags that a file names by number (5.2). */
const outlines = new Set([10, 11])
const unnamed = 63

/**
 * The compressed part of a WOFF2 file of one font, as its header and its directory of tables say (W3C WOFF File
 * Format 2.0, 4.1 and 4.2); null for what is no such file.
 */
export function compressedPart(bytes: Buffer): Buffer | null {
  if (bytes.length < headerBytes || bytes.toString('latin1', 0, 4) !== 'wOF2') return null
  if (!flavours.has(bytes.readUInt32BE(4)) || bytes.readUInt32BE(8) !== bytes.length) return null
  const tables = bytes.readUInt16BE(12)
  const length = bytes.readUInt32BE(20)
  const start = endOfDirectory(bytes, tables)
  if (tables === 0 || start === null || start + length > bytes.length) return null
  return bytes.subarray(start, start + length)
}

/** Where the directory ends; null where the file does before it. */
function endOfDirectory(bytes: Buffer, tables: number): number | null {
  let at = headerBytes
  for (let table = 0; table < tables; table += 1) {
    const flags = bytes[at]
    if (flags === undefined) return null
    const tag = flags & unnamed
    const version = flags >> 6
    const tagged = at + (tag === unnamed ? 5 : 1)
    const original = afterNumber(bytes, tagged)
    const isTransformed = outlines.has(tag) ? version !== 3 : version !== 0
    const end = original !== null && isTransformed ? afterNumber(bytes, original) : original
    if (end === null) return null
    at = end
  }
  return at
}

/** Where a number of up to five bytes ends, seven bits in each (4.2, UIntBase128); null for none. */
function afterNumber(bytes: Buffer, at: number): number | null {
  for (let length = 1; length <= 5; length += 1) {
    const byte = bytes[at + length - 1]
    if (byte === undefined || (length === 1 && byte === 0x80)) return null
    if (byte < 0x80) return at + length
  }
  return null
}
