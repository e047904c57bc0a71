import { boolean, object, string } from 'yup'

/** Rules that a designer writes for a look or a listing, as they were typed. */
export interface OwnCss {
  readonly text: string
  /** Whether they hold; they are kept where they don't. */
  readonly isOn: boolean
}

export const noCss: OwnCss = { text: '', isOn: true }

/** So many letters a text of rules has at most. */
export const mostCssLetters = 20_000

/**
 * Own rules as they are stored. What is wrong in them does no harm (`compiledOwnCss`), and nobody loses what
 * is half typed.
 */
export const ownCssSchema = object({
  text: string()
    .defined()
    .max(mostCssLetters, `Keep own CSS within ${mostCssLetters.toLocaleString('en')} letters.`),
  isOn: boolean().required(),
}).noUnknown()

/** What one text of rules is when another comes after it. */
export function joinedCss(first: OwnCss, then: OwnCss): OwnCss {
  const parts = [first, then].filter(({ text, isOn }) => isOn && text.trim() !== '')
  const [only] = parts
  if (parts.length === 1 && only !== undefined) return only
  return parts.length === 0 ? first : { text: parts.map(({ text }) => text.trim()).join('\n\n'), isOn: true }
}
