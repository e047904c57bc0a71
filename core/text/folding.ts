/**
 * Texts as searching compares them. Two texts that readers of the language take for the same word
 * fold to the same text: in compatible forms (Unicode NFKC), without case (Unicode, chapter 3.13:
 * ß as ss, both sigmas), without what is not seen (soft hyphens), with one apostrophe, spaces single.
 *
 * Marks fall away where they only colour a letter, not where they make another one: in scripts
 * whose marks are accents or points, and there only where the language's own collation (CLDR)
 * holds the letter with and without it for the same at its first level. So é is found as e, but å
 * stays apart in Swedish; and カ is not ガ, दान not दिन, 가 not 각 in any language.
 */
export function folded(text: string, locale: string): string {
  const plain = text
    .normalize('NFKC')
    .replace(unseen, '')
    .replace(apostrophes, "'")
    .replace(hyphens, '-')
    .replace(/\s+/gu, ' ')
    .trim()
  return withoutMarks(withoutCase(plain, locale), locale)
}

const unseen = /\p{Default_Ignorable_Code_Point}/gu
const apostrophes = /[\u2018\u2019\u02BC\u2032\u00B4]/gu
const hyphens = /[\u2010-\u2012]/gu
/** Letters of these scripts may carry accents, points or signs of reading, one mark at least. */
const marked =
  /[\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{Script=Hebrew}\p{Script=Arabic}]\p{Mn}+/gu

/** By way of capitals, which ß and the final sigma share with what they are the same as. */
function withoutCase(text: string, locale: string): string {
  return text
    .toLocaleLowerCase(locale)
    .toLocaleUpperCase(locale)
    .toLocaleLowerCase(locale)
    .replaceAll('ς', 'σ')
}

/** By language: what letters with marks fold to. */
const foldings = new Map<string, (letter: string) => string>()

function withoutMarks(text: string, locale: string): string {
  const fold = foldings.get(locale) ?? markFolding(locale)
  foldings.set(locale, fold)
  return text.normalize('NFD').replace(marked, fold).normalize('NFC')
}

const mostLetters = 5000

function markFolding(locale: string): (letter: string) => string {
  const collator = new Intl.Collator(locale, { sensitivity: 'base' })
  const known = new Map<string, string>()
  return (letter) => {
    const found = known.get(letter) ?? barest(letter, collator)
    if (known.size < mostLetters) known.set(letter, found)
    return found
  }
}

/** The letter without those of its marks, from the last, that make no other letter of it. */
function barest(letter: string, collator: Intl.Collator): string {
  const [base = '', ...marks] = Array.from(letter)
  for (let kept = 0; kept < marks.length; kept += 1) {
    const barer = [base, ...marks.slice(0, kept)].join('')
    if (collator.compare(barer, letter) === 0) return barer
  }
  return letter
}
