import { siteLocales } from '~~/core/formats/locales'

const names = new Intl.DisplayNames('en', { type: 'language', languageDisplay: 'standard' })

/** What the language of a tag is called. */
export function languageName(tag: string): string {
  return names.of(tag) ?? tag
}

/** The languages that a site can be in, by name. */
export const languages = siteLocales
  .map((value) => ({ value, title: languageName(value) }))
  .toSorted((a, b) => a.title.localeCompare(b.title, 'en'))
