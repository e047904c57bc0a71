/** What a drawing for a page needs, and much beside. */
const most = { bytes: 2_000_000, elements: 20_000, depth: 60 }

/**
 * Why a drawing is not taken: told by its signs alone, before anything reads it. Null for one that
 * may be read.
 */
export function drawingFault(given: Buffer): string | null {
  if (given.length > most.bytes)
    return `This drawing has ${Math.round(given.length / 100_000) / 10} MB; at most ${most.bytes / 1e6} MB are taken. Save it with less detail, or as a picture of pixels.`
  let [elements, depth] = [0, 0]
  // A “<” that begins a name opens, one before “/” closes; what closes itself does both.
  for (const [tag] of given.toString('latin1').matchAll(/<\/?[a-zA-Z][^<>]*>?/g)) {
    if (tag.startsWith('</')) depth -= 1
    else {
      elements += 1
      if (!tag.endsWith('/>')) depth += 1
    }
    if (elements > most.elements)
      return `This drawing has more than ${most.elements.toLocaleString('en')} shapes. Save it with less detail, or as a picture of pixels.`
    if (depth > most.depth)
      return `The groups of this drawing lie more than ${most.depth} deep. Ungroup them, and bring it again.`
  }
  return null
}
