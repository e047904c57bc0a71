import { plainLetters } from '~~/core/found'

/** Whether what was typed stands in one of the texts, letters taken as they are read: “Ö” for “o” too. */
export function isFound(typed: string, texts: readonly string[]): boolean {
  const wanted = plainLetters(typed.trim())
  return wanted === '' || texts.some((text) => plainLetters(text).includes(wanted))
}
