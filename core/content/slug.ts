/** Lower-case words of letters and digits joined by single hyphens, at most 96 characters. */
export const slugPattern = /^[\p{Ll}\p{Lo}\p{N}\p{M}]+(?:-[\p{Ll}\p{Lo}\p{N}\p{M}]+)*$/u
export const longestSlug = 96

/**
 * A slug made from a title: accents dropped from Latin letters, other scripts kept.
 * Empty when the title holds no letter or digit.
 */
export function slugOf(title: string): string {
  const words = title
    .normalize('NFKD')
    .replace(/(\p{Script=Latin})\p{M}+/gu, '$1')
    .normalize('NFC')
    .toLowerCase()
    .replace(/['’]/g, '')
    .match(/[\p{Ll}\p{Lo}\p{N}\p{M}]+/gu)
  let slug = ''
  for (const word of words ?? []) {
    const longer = slug === '' ? word.slice(0, longestSlug) : `${slug}-${word}`
    if (longer.length > longestSlug) break
    slug = longer
  }
  return slug
}
